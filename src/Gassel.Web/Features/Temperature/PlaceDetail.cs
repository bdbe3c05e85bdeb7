using Gassel.Core.Climate;
using Gassel.Core.Places;
using Gassel.Core.Record;
using Gassel.Core.Treatments;
using Gassel.Data.Readings;

namespace Gassel.Web.Features.Temperature;

/// <summary>One place closely.</summary>
/// <param name="Wanted">The temperatures that seed is kept at there; null where that hangs on the seed.</param>
/// <param name="Hours">The last two weeks.</param>
/// <param name="Humidity">The last two weeks, where a thermometer tells it too; nothing is computed from it.</param>
/// <param name="Days">The last months, weighted by the usual response.</param>
/// <param name="Jumps">Of the last two weeks; kept, and left out of every sum.</param>
public sealed record PlaceDetail(
    Place Place,
    PlaceTemperature Now,
    TemperatureBand? Wanted,
    IReadOnlyList<ReadingSeries> Series,
    IReadOnlyList<HourOfReadings> Hours,
    IReadOnlyList<HourOfHumidity> Humidity,
    IReadOnlyList<SampleReading> Jumps,
    IReadOnlyList<TemperatureDay> Days,
    IReadOnlyList<TypedReading> Typed,
    IReadOnlyList<PlaceTrouble> Troubles
);
