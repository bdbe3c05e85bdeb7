using System.Globalization;
using Gassel.Core.Germination;
using MathNet.Numerics.Distributions;

namespace Gassel.Core.Trials;

/// <summary>What so many seeds an arm could at best tell apart from the control with the wanted power.</summary>
/// <param name="Lower">Highest rate below the control that would be seen; null where not even 0 would.</param>
/// <param name="Higher">Lowest rate above the control that would be seen; null where not even 1 would.</param>
public sealed record AtBest(int SeedsPerArm, double? Lower, double? Higher);

/// <summary>Seeds needed to see a difference.</summary>
/// <param name="SeedsPerArm">For each of two arms.</param>
/// <param name="ExactPower">Of Fisher's exact test at that size, by enumeration; null above <see cref="TrialSizes.MostEnumerated"/> an arm.</param>
/// <param name="AtBest">Null where no number of seeds at hand was given.</param>
public sealed record TrialSize(long SeedsPerArm, double? ExactPower, AtBest? AtBest, IReadOnlyList<string> Working);

/// <summary>Two shares to be told apart: the normal approximation, as in R's <c>power.prop.test</c>.</summary>
public static class TrialSizes
{
    public const int MostEnumerated = 1500;

    /// <param name="control">Rate expected of the control, 0..1.</param>
    /// <param name="treated">Rate worth seeing, 0..1, other than <paramref name="control"/>.</param>
    /// <param name="power">Above <paramref name="alpha"/>, below 1.</param>
    /// <param name="seedsAtHand">Per arm; null where nobody asks what they could show.</param>
    public static TrialSize Of(double control, double treated, double power = 0.8, double alpha = 0.05, int? seedsAtHand = null)
    {
        // a whole number that came out a rounding error above itself stays itself
        var seeds = (long)Math.Min(long.MaxValue / 2, Math.Ceiling(Exact(control, treated, power, alpha) - 1e-9));
        seeds = Math.Max(1, seeds);
        double? exact = seeds <= MostEnumerated ? FisherExact.PowerOfEqualArms((int)seeds, control, treated, alpha) : null;
        var best = seedsAtHand is { } n ? new AtBest(n, Edge(control, 0, n, power, alpha), Edge(control, 1, n, power, alpha)) : null;
        return new(seeds, exact, best, Explain(control, treated, power, alpha, seeds, exact, best));
    }

    /// <summary>((z₁₋α/₂√(2p̄q̄) + z_power√(p₁q₁+p₂q₂))/(p₁−p₂))², not rounded.</summary>
    private static double Exact(double control, double treated, double power, double alpha)
    {
        var mean = (control + treated) / 2;
        var root = (Normal.InvCDF(0, 1, 1 - (alpha / 2)) * Math.Sqrt(2 * mean * (1 - mean)))
            + (Normal.InvCDF(0, 1, power) * Math.Sqrt((control * (1 - control)) + (treated * (1 - treated))));
        return Math.Pow(root / (control - treated), 2);
    }

    /// <summary>The rate nearest the control, towards an end, that so many seeds would tell apart; null where not even the end.</summary>
    private static double? Edge(double control, double end, int seeds, double power, double alpha)
    {
        if (control == end || Exact(control, end, power, alpha) > seeds) return null;
        var (near, far) = (control, end);
        for (var i = 0; i < 60; i++)
        {
            var middle = (near + far) / 2;
            if (Exact(control, middle, power, alpha) > seeds) near = middle;
            else far = middle;
        }
        return far;
    }

    private static List<string> Explain(double control, double treated, double power, double alpha, long seeds, double? exact, AtBest? best)
    {
        var culture = CultureInfo.InvariantCulture;
        var lines = new List<string>
        {
            string.Create(culture, $"To see {control:P0} against {treated:P0} in {power:P0} of trials, with a false alarm in {alpha:P0}: {seeds} seeds in each arm."),
            "Normal approximation for two shares of equal size, as R's power.prop.test; seeds of one arm taken as independent, which trays that differ break.",
        };
        lines.Add(exact is { } p
            ? string.Create(culture, $"With that many, Fisher's exact test finds it in {p:P1} of trials (every outcome enumerated); it is the stricter test.")
            : string.Create(culture, $"Too many to enumerate Fisher's exact test (above {MostEnumerated} an arm)."));
        if (best is not null)
        {
            lines.Add(string.Create(culture, $"With {best.SeedsPerArm} seeds an arm and a control of {control:P0}: at best {Words(best)} would be seen that often."));
        }
        return lines;
    }

    private static string Words(AtBest best) => (best.Lower, best.Higher) switch
    {
        (null, null) => "nothing",
        ({ } low, null) => string.Create(CultureInfo.InvariantCulture, $"{low:P0} or less"),
        (null, { } high) => string.Create(CultureInfo.InvariantCulture, $"{high:P0} or more"),
        ({ } low, { } high) => string.Create(CultureInfo.InvariantCulture, $"{high:P0} or more, or {low:P0} or less,"),
    };
}
