using Gassel.Core.Germination;
using MathNet.Numerics.Distributions;

namespace Gassel.Core.Trials;

/// <summary>Two shares to be told apart: the normal approximation, as in R's <c>power.prop.test</c>.</summary>
public static class TrialSizes
{
    public const int MostEnumerated = 1500;

    /// <summary>A number beyond this nobody could sow; none is given.</summary>
    private const double MostNamed = 1e9;

    /// <param name="control">Rate expected of the control, 0..1.</param>
    /// <param name="treated">Rate worth seeing, 0..1, other than <paramref name="control"/>.</param>
    /// <param name="power">Above <paramref name="alpha"/>, below 1.</param>
    /// <param name="seedsAtHand">Per arm; null where nobody asks what they could show.</param>
    public static TrialSize Of(
        double control,
        double treated,
        double power = 0.8,
        double alpha = 0.05,
        int? seedsAtHand = null,
        CancellationToken cancel = default
    )
    {
        // a whole number that came out a rounding error above itself stays itself
        var number = Math.Max(1, Math.Ceiling(Exact(control, treated, power, alpha) - 1e-9));
        var seeds = number <= MostNamed ? (long)number : (long?)null;
        double? exact = seeds <= MostEnumerated ? FisherExact.PowerOfEqualArms((int)seeds, control, treated, alpha) : null;
        var fisher = seeds <= MostEnumerated ? Smallest((int)seeds, control, treated, power, alpha, cancel) : null;
        var best = seedsAtHand is { } n ? new AtBest(n, Edge(control, 0, n, power, alpha), Edge(control, 1, n, power, alpha)) : null;
        return new(seeds, exact, fisher, best, Explain(control, treated, power, alpha, seeds, exact, fisher, best));
    }

    /// <summary>
    /// The power of an exact test goes up by saw teeth, so every number from well below the first that could do is tried; null where none
    /// up to
    /// the most enumerated has it.
    /// </summary>
    private static int? Smallest(int near, double control, double treated, double power, double alpha, CancellationToken cancel)
    {
        // Fisher's test is never stronger than the approximation by more than a tooth
        for (var n = Math.Max(1, (int)(near * 0.9) - 2); n <= MostEnumerated; n++)
        {
            cancel.ThrowIfCancellationRequested();
            var has = FisherExact.PowerOfEqualArms(n, control, treated, alpha);
            if (has >= power)
                return n;
            // far below, a few at once: one more seed adds little
            if (near > 200 && has < power - 0.03)
                n += near / 100;
        }
        return null;
    }

    /// <summary>((z₁₋α/₂√(2p̄q̄) + z_power√(p₁q₁+p₂q₂))/(p₁−p₂))², not rounded.</summary>
    private static double Exact(double control, double treated, double power, double alpha)
    {
        var mean = (control + treated) / 2;
        var root =
            (Normal.InvCDF(0, 1, 1 - (alpha / 2)) * Math.Sqrt(2 * mean * (1 - mean)))
            + (Normal.InvCDF(0, 1, power) * Math.Sqrt((control * (1 - control)) + (treated * (1 - treated))));
        return Math.Pow(root / (control - treated), 2);
    }

    /// <summary>The rate nearest the control, towards an end, that so many seeds would tell apart; null where not even the end.</summary>
    private static double? Edge(double control, double end, int seeds, double power, double alpha)
    {
        if (control == end || Exact(control, end, power, alpha) > seeds)
            return null;
        var (near, far) = (control, end);
        for (var i = 0; i < 60; i++)
        {
            var middle = (near + far) / 2;
            if (Exact(control, middle, power, alpha) > seeds)
                near = middle;
            else
                far = middle;
        }
        return far;
    }

    private static List<string> Explain(
        double control,
        double treated,
        double power,
        double alpha,
        long? seeds,
        double? exact,
        int? fisher,
        AtBest? best
    )
    {
        var lines = new List<string>
        {
            Text.Of(
                $"To see {Percent.Of(control)} against {Percent.Of(treated)} in {Percent.Of(power)} of trials, with a "
                    + $"false alarm in {Percent.Of(alpha)}: "
                    + $"{(seeds is { } n ? Text.Of($"{n} seeds in each arm")
                        : "more than a thousand million seeds in each arm; no number is given")}."
            ),
            "Normal approximation for two shares of equal size, as R's power.prop.test; seeds of one arm taken as "
                + "independent, which trays that differ break.",
        };
        lines.Add(
            exact is { } p
                ? Text.Of(
                    $"With that many, Fisher's exact test finds it in {p:P1} of trials (every outcome enumerated); it is the stricter test."
                )
                : Text.Of($"Too many to enumerate Fisher's exact test (above {MostEnumerated} an arm).")
        );
        if (fisher is { } enough)
            lines.Add(Text.Of($"Fisher's exact test, which judges the trial, has that power from {enough} seeds an arm on."));
        if (best is not null)
        {
            lines.Add(
                Text.Of(
                    $"With {best.SeedsPerArm} seeds an arm and a control of {control:P0}: at best {Words(best)} would be seen that often."
                )
            );
        }
        return lines;
    }

    private static string Words(AtBest best) =>
        (best.Lower, best.Higher) switch
        {
            (null, null) => "nothing",
            ({ } low, null) => Text.Of($"{low:P0} or less"),
            (null, { } high) => Text.Of($"{high:P0} or more"),
            ({ } low, { } high) => Text.Of($"{high:P0} or more, or {low:P0} or less,"),
        };
}
