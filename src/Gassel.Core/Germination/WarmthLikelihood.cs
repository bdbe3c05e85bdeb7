using Gassel.Core.Climate;

namespace Gassel.Core.Germination;

/// <summary>
/// How likely the counts of sowings are where the thermal time of a seed that comes up is log-logistic, sowings lie apart by a normal on
/// its logarithm, and of each seedling no more is known than the two counts between which it came up. Seed that had not come up by the last
/// count is left out of both sides: nobody knows whether it would have (each count is divided by the chance to be up by the last).
/// </summary>
public sealed class WarmthLikelihood(IReadOnlyList<WarmSowing> sowings, ThermalRate starter)
{
    /// <summary>A seedling where none can be is a slip of the pen: so unlikely and no less.</summary>
    private const double Slip = 1e-9;

    /// <summary>The sum over how far sowings lie apart goes so many widths to both sides of its peak, in so many steps a width.</summary>
    private const int Widths = 5;
    private const int StepsAWidth = 2;
    private const int MostSteps = 12;

    private double _baseC = double.NaN;
    private IReadOnlyList<Sowing> _read = [];

    /// <param name="Ends">Logarithm of the thermal time by each count.</param>
    private sealed record Sowing(double[] Ends, int[] Up)
    {
        public int Seedlings { get; } = Up.Sum();
    }

    /// <param name="baseC">Below the optimum, °C.</param>
    /// <param name="logHalf">Logarithm of the thermal time by which half are up, ln(°C·d).</param>
    /// <param name="shape">Above 0.</param>
    /// <param name="spread">Of sowings, on the same scale as <paramref name="logHalf"/>; 0 for none.</param>
    public double Log(double baseC, double logHalf, double shape, double spread) =>
        Read(baseC).Sum(s => spread > 0 ? Summed(s, logHalf, shape, spread) : At(s, logHalf, shape).Log);

    private IReadOnlyList<Sowing> Read(double baseC)
    {
        if (!_baseC.Equals(baseC))
        {
            var rate = starter with { BaseC = baseC };
            _read =
            [
                .. sowings.Select(s =>
                {
                    var sums = s.Sums(rate);
                    return new Sowing(
                        [.. s.Counts.Select(c => Math.Log(sums[s.DayOf(c)]))],
                        [.. s.Counts.Select(c => Math.Max(0, c.Emerged))]
                    );
                }),
            ];
            _baseC = baseC;
        }
        return _read;
    }

    /// <summary>The logarithm at one place of a sowing, its slope and its bend there.</summary>
    private static (double Log, double Slope, double Bend) At(Sowing sowing, double half, double shape)
    {
        double Up(int i) => 1 / (1 + Math.Exp(-shape * (sowing.Ends[i] - half)));
        var (log, slope, bend, before, last) = (0.0, 0.0, 0.0, 0.0, Up(sowing.Ends.Length - 1));
        for (var i = 0; i < sowing.Ends.Length; i++)
        {
            var up = Up(i);
            if (sowing.Up[i] is > 0 and var n)
            {
                log += n * Math.Log(last > 0 ? Math.Max(Slip, (up - before) / last) : Slip);
                slope -= n * shape * (1 - up - before);
                bend -= n * shape * shape * (up * (1 - up) + before * (1 - before));
            }
            before = up;
        }
        return (log, slope + sowing.Seedlings * shape * (1 - last), bend + sowing.Seedlings * shape * shape * last * (1 - last));
    }

    /// <summary>Summed over where the sowing may lie, about the peak.</summary>
    private static double Summed(Sowing sowing, double middle, double shape, double spread)
    {
        var (peak, tight) = (middle, 1 / (spread * spread));
        var bend = tight;
        for (var step = 0; step < MostSteps; step++)
        {
            var at = At(sowing, peak, shape);
            bend = Math.Max(tight, tight - at.Bend);
            var move = Math.Clamp((at.Slope - (peak - middle) * tight) / bend, -0.5, 0.5);
            peak += move;
            if (Math.Abs(move) < 1e-7)
                break;
        }
        var width = 1 / Math.Sqrt(bend);
        Span<double> logs = stackalloc double[2 * Widths * StepsAWidth + 1];
        var highest = double.NegativeInfinity;
        for (var i = 0; i < logs.Length; i++)
        {
            var there = peak + (i - Widths * StepsAWidth) * width / StepsAWidth;
            logs[i] = At(sowing, there, shape).Log - (there - middle) * (there - middle) * tight / 2;
            highest = Math.Max(highest, logs[i]);
        }
        var sum = 0.0;
        foreach (var log in logs)
            sum += Math.Exp(log - highest);
        return highest + Math.Log(sum * width / StepsAWidth) - Math.Log(spread * Math.Sqrt(2 * Math.PI));
    }
}
