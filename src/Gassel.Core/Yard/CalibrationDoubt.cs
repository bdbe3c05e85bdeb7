using MathNet.Numerics.Distributions;
using MathNet.Numerics.LinearAlgebra;

namespace Gassel.Core.Yard;

/// <summary>How far a fit of wall and sun can be trusted, and what it is worth.</summary>
internal static class CalibrationDoubt
{
    private const double SlopeStep = 0.02;

    /// <summary>Hours are not taken for more alike with the one before.</summary>
    private const double MostAlike = 0.98;

    /// <summary>From the slopes of the model at the fit and its residuals; an hour tells little that the hour before did not.</summary>
    public static FittedWall Ends(
        Vector<double> found,
        Func<Vector<double>, ContainerParameters> with,
        Func<ContainerParameters, double[]> modelled,
        int[] hours,
        double[] residuals
    )
    {
        var slopes = Matrix<double>.Build.Dense(hours.Length, 2);
        for (var k = 0; k < 2; k++)
        {
            var (more, less) = (found.Clone(), found.Clone());
            (more[k], less[k]) = (more[k] + SlopeStep, less[k] - SlopeStep);
            var (above, below) = (modelled(with(more)), modelled(with(less)));
            for (var i = 0; i < hours.Length; i++)
                slopes[i, k] = (above[hours[i]] - below[hours[i]]) / (2 * SlopeStep);
        }
        var square = residuals.Sum(r => r * r);
        var alike = Math.Clamp(residuals.Zip(residuals.Skip(1), (a, b) => a * b).Sum() / Math.Max(square, 1e-12), 0, MostAlike);
        var covariance =
            (slopes.TransposeThisAndMultiply(slopes) + Matrix<double>.Build.DenseIdentity(2) * 1e-9).Inverse()
            * (square / Math.Max(1, residuals.Length - 2) * (1 + alike) / (1 - alike));
        var free = Math.Max(2, residuals.Length * (1 - alike) / (1 + alike) - 2);
        var t = StudentT.InvCDF(0, 1, free, 0.95);
        double End(int k, int side) => found[k] + side * t * Math.Sqrt(Math.Max(0, covariance[k, k]));
        ContainerParameters At(double wall, double sun) => with(Vector<double>.Build.Dense([wall, sun]));
        var (low, high) = (At(End(0, -1), End(1, -1)), At(End(0, 1), End(1, 1)));
        return new(low.UWallWm2K, high.UWallWm2K, low.Transmittance, high.Transmittance);
    }

    /// <summary>What the fit changes at the coldest and the warmest hour of these days.</summary>
    public static string Told(
        ContainerParameters before,
        ContainerParameters fitted,
        FittedWall ends,
        double stonesKg,
        IReadOnlyList<ContainerHour> hours,
        Func<ContainerHour, ContainerSetting> settingAt,
        int[] observed
    )
    {
        var (first, last) = (observed.Min(), observed.Max() + 1);
        (ContainerRun Run, ContainerBand Band) Banded(ContainerParameters p, FittedWall? known)
        {
            var run = new ContainerModel(p, stonesKg).Run(hours, settingAt);
            return (run, ContainerBand.Of(run, first, last, settingAt, p, stonesKg, ContainerDoubts.Of(p, known)));
        }
        var (old, now) = (Banded(before, null), Banded(fitted, ends));
        var (coldest, warmest) = (
            Enumerable.Range(first, last - first).MinBy(i => now.Run.AirC[i]),
            Enumerable.Range(first, last - first).MaxBy(i => now.Run.AirC[i])
        );
        string Between((ContainerRun Run, ContainerBand Band) of, int hour) =>
            of.Band.AirAt(hour) is { } band
                ? Text.Of($"{Quantity.WholeDegrees(band.LowC)} to {Quantity.WholeDegrees(band.HighC)}")
                : Quantity.WholeDegrees(of.Run.AirC[hour]);
        return Text.Of(
            $"Air inside in the coldest hour of these days: {Between(old, coldest)} before, {Between(now, coldest)} with the fit; in the "
                + $"warmest: {Between(old, warmest)}, and {Between(now, warmest)}."
        );
    }
}
