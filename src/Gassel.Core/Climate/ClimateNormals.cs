namespace Gassel.Core.Climate;

/// <summary>What a place is like, month by month from January.</summary>
/// <param name="MeanC">Monthly means, °C.</param>
/// <param name="RangeK">Mean daily range, K.</param>
/// <param name="DeviationK">Standard deviation of the daily mean, K.</param>
/// <param name="WetAfterDry">Probability of a wet day after a dry one.</param>
/// <param name="WetAfterWet">Probability of a wet day after a wet one.</param>
public sealed record ClimateNormals(
    IReadOnlyList<double> MeanC,
    IReadOnlyList<double> RangeK,
    IReadOnlyList<double> DeviationK,
    double WetAfterDry,
    double WetAfterWet
)
{
    /// <summary>The invented valley of the demo; its median last spring frost falls about 8 May.</summary>
    public static ClimateNormals SkarveBench { get; } =
        new(
            [-4, -2, 3, 8, 13, 17, 20, 19, 14, 7.5, 1.5, -3],
            [8, 9, 11, 13, 14, 15, 17, 17, 16, 12, 8, 7],
            [4.5, 4.3, 3.9, 3.4, 2.9, 2.6, 2.5, 2.5, 2.7, 3.2, 3.8, 4.3],
            0.25,
            0.55
        );
}
