using Gassel.Core.Places;

namespace Gassel.Web.Features.Temperature;

/// <summary>How warm a place is, and by what.</summary>
/// <param name="At">Moment of the reading; null where nothing was measured lately.</param>
/// <param name="TypedOn">Day on which it was read by eye; null where it was not.</param>
/// <param name="Troubles">Those that last.</param>
public sealed record PlaceTemperature(
    double TempC,
    TemperatureSource Source,
    DateTimeOffset? At,
    DateOnly? TypedOn,
    IReadOnlyList<PlaceTrouble> Troubles
);
