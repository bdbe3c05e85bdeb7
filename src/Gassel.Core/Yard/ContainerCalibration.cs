using Gassel.Core.Climate;
using Gassel.Core.Record;
using MathNet.Numerics.LinearAlgebra;
using MathNet.Numerics.Optimization;

namespace Gassel.Core.Yard;

/// <summary>Wall and sun of a container fitted to a thermometer in one of them, by least squares.</summary>
/// <param name="Ends">Between which wall and sun lie, nine times in ten.</param>
/// <param name="Worth">What the fit changes, in words.</param>
/// <param name="RmsBeforeK">Root mean square of the residuals with the numbers before.</param>
/// <param name="RmsK">The same with the fitted ones.</param>
public sealed record ContainerCalibration(
    double UWallWm2K,
    double Transmittance,
    double RmsBeforeK,
    double RmsK,
    ProbeSpot Spot,
    FittedWall Ends,
    string Worth,
    IReadOnlyList<CalibrationResidual> Residuals,
    IReadOnlyList<string> Working
)
{
    /// <summary>Two nights and two days (our assumption).</summary>
    public const int LeastReadings = 48;

    private const double LeastWall = 0.2;
    private const double MostWall = 60;

    /// <summary>The first hours of a run hang on how it began.</summary>
    private const int Settling = 12;

    /// <summary>A reading stands for the full hour nearest to it; of several in an hour the mean.</summary>
    /// <returns>Index of the hour, and what was measured at its end.</returns>
    public static IReadOnlyList<(int Hour, double TempC)> Hourly(
        IReadOnlyList<ContainerHour> hours,
        IReadOnlyList<TemperatureReading> readings
    )
    {
        var start = hours[0].At.ToUnixTimeMilliseconds();
        return
        [
            .. readings
                .Select(r => (Hour: (int)Math.Round((r.UnixMs - start) / 3_600_000.0) - 1, r.TempC))
                .Where(r => r.Hour >= 0 && r.Hour < hours.Count)
                .GroupBy(r => r.Hour)
                .Select(g => (g.Key, g.Average(r => r.TempC))),
        ];
    }

    /// <summary>Null with fewer than <see cref="LeastReadings"/> readings in the hours, or where no fit is found.</summary>
    /// <param name="readings">In order of time; each is held against the end of the hour it falls into.</param>
    public static ContainerCalibration? Fit(
        ContainerParameters parameters,
        double stonesKg,
        IReadOnlyList<ContainerHour> hours,
        Func<ContainerHour, ContainerSetting> settingAt,
        IReadOnlyList<TemperatureReading> readings,
        ProbeSpot spot,
        CancellationToken cancel = default
    )
    {
        var observed = Hourly(hours, readings).Where(o => o.Hour >= Settling).ToList();
        if (observed.Count < LeastReadings)
            return null;

        ContainerParameters With(Vector<double> x) =>
            parameters with
            {
                UWallWm2K = Math.Clamp(Math.Exp(x[0]), LeastWall, MostWall),
                Transmittance = 1 / (1 + Math.Exp(-x[1])),
            };
        double[] Modelled(ContainerParameters p)
        {
            cancel.ThrowIfCancellationRequested();
            var run = new ContainerModel(p, stonesKg).Run(hours, settingAt);
            return spot == ProbeSpot.Air ? run.AirC : run.MediumC;
        }

        double MeanSquare(ContainerParameters p)
        {
            var tempC = Modelled(p);
            return observed.Average(o => Math.Pow(o.TempC - tempC[o.Hour], 2));
        }

        var from = Math.Clamp(parameters.Transmittance, 0.02, 0.98);
        Vector<double> found;
        try
        {
            found = new NelderMeadSimplex(1e-8, 400)
                .FindMinimum(
                    ObjectiveFunction.Value(x => MeanSquare(With(x))),
                    Vector<double>.Build.Dense([
                        Math.Log(Math.Clamp(parameters.UWallWm2K, LeastWall, MostWall)),
                        Math.Log(from / (1 - from)),
                    ])
                )
                .MinimizingPoint;
        }
        catch (MaximumIterationsException)
        {
            return null;
        }
        var fitted = With(found);
        var modelled = Modelled(fitted);
        var ends = CalibrationDoubt.Ends(
            found,
            With,
            p => Modelled(p),
            [.. observed.Select(o => o.Hour)],
            [.. observed.Select(o => o.TempC - modelled[o.Hour])]
        );
        var (before, after) = (Math.Sqrt(MeanSquare(parameters)), Math.Sqrt(MeanSquare(fitted)));
        return new(
            fitted.UWallWm2K,
            fitted.Transmittance,
            before,
            after,
            spot,
            ends,
            CalibrationDoubt.Told(parameters, fitted, ends, stonesKg, hours, settingAt, [.. observed.Select(o => o.Hour)]),
            [.. observed.Select(o => new CalibrationResidual(hours[o.Hour].At.AddHours(1), o.TempC, modelled[o.Hour]))],
            [
                Text.Of(
                    $"Fitted to {observed.Count} readings of the {(spot == ProbeSpot.Air ? "air inside" : "mix")} by "
                        + $"least squares (simplex search); the first {Settling} hours are left out."
                ),
                Text.Of(
                    $"Wall {parameters.UWallWm2K:0.##} → {fitted.UWallWm2K:0.##} W/(m²·K), sun let in "
                        + $"{parameters.Transmittance:0.##} → {fitted.Transmittance:0.##}."
                ),
                "Between which ends they lie follows from the residuals, of which those of neighbouring hours are alike.",
                Text.Of(
                    $"The model missed the readings by {Quantity.Difference(before)} (root mean square), now by "
                        + $"{Quantity.Difference(after)}. It is "
                        + $"as good for this container on these days; others may differ."
                ),
            ]
        );
    }
}
