using Gassel.Core.Record;

namespace Gassel.Web.Features.Calculators;

/// <summary>Exactly one of <c>preset</c> and <c>parameters</c>, and of <c>hourly</c> and <c>daily</c>.</summary>
/// <param name="Hourly">An hour apart.</param>
/// <param name="Daily">In order; at most two days in a row may be missing. Its hours are solar time, written with offset 0.</param>
/// <param name="StonesKg">0 if left out.</param>
/// <param name="Response">For the cold in the mix; [0, 1, 5, 10] if left out.</param>
/// <param name="SeedlingsKillC">What seedlings that are up stand, by the air inside; null where none are.</param>
/// <param name="Calibrate">Fits wall and sun first; the answer is then by the fitted numbers.</param>
/// <param name="InitialMediumC">As the ground if left out.</param>
/// <param name="InitialAirC">As the air outdoors if left out.</param>
public sealed record ContainerRequest(
    ContainerSiteInput Site,
    ContainerPreset? Preset = null,
    ContainerParametersInput? Parameters = null,
    ContainerCareInput? Care = null,
    IReadOnlyList<HourInput>? Hourly = null,
    IReadOnlyList<WeatherDayInput>? Daily = null,
    double? StonesKg = null,
    IReadOnlyList<double>? Response = null,
    double? SeedlingsKillC = null,
    CalibrateInput? Calibrate = null,
    double? InitialMediumC = null,
    double? InitialAirC = null
);
