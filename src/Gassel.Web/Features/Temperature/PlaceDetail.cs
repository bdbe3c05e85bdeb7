using Gassel.Core.Climate;
using Gassel.Core.Places;
using Gassel.Core.Record;
using Gassel.Core.Treatments;
using Gassel.Data.Devices;
using Gassel.Data.People;
using Gassel.Data.Readings;
using Gassel.Data.Rows;
using Gassel.Data;
using Gassel.Web.Features.People;
using Gassel.Web.Hosting;
using Gassel.Web.Problems;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.AspNetCore.Mvc;
using Sylvan.Data.Csv;

namespace Gassel.Web.Features.Temperature;

/// <summary>One place closely.</summary>
/// <param name="Wanted">The temperatures that seed is kept at there; null where that hangs on the seed.</param>
/// <param name="Hours">The last two weeks.</param>
/// <param name="Days">The last months, weighted by the usual response.</param>
/// <param name="Jumps">Of the last two weeks; kept, and left out of every sum.</param>
public sealed record PlaceDetail(
    Place Place, PlaceTemperature Now, TemperatureBand? Wanted, IReadOnlyList<ReadingSeries> Series, IReadOnlyList<HourOfReadings> Hours, IReadOnlyList<SampleReading> Jumps,
    IReadOnlyList<TemperatureDay> Days, IReadOnlyList<TypedReading> Typed, IReadOnlyList<PlaceTrouble> Troubles);
