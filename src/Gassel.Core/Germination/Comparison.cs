using MathNet.Numerics;

namespace Gassel.Core.Germination;

/// <summary>Shares of several arms side by side.</summary>
/// <param name="Heterogeneity">Null with one arm, or where none or all emerged.</param>
public sealed record Comparison(
    IReadOnlyList<ArmResult> Arms,
    Heterogeneity? Heterogeneity,
    IReadOnlyList<ArmPair> Pairs,
    IReadOnlyList<string> Working
)
{
    /// <summary>Below this p a difference is taken for one.</summary>
    public const double Doubt = 0.05;

    /// <summary>What two arms say in words; null for one arm or more than two.</summary>
    public string? Words =>
        Pairs is not [var pair] ? null
        : pair.Difference == 0 ? "No difference between these two counts; small counts can hide one."
        : pair.FisherP < Doubt ? $"Hardly chance: {(pair.Difference > 0 ? pair.First : pair.Second)} came up better."
        : Text.Of(
            $"May be chance: without any real difference, two such counts differ this much about {100 * pair.FisherP:0} times in 100."
        );

    /// <param name="confidence">Of all intervals, in (0, 1).</param>
    public static Comparison Of(IReadOnlyList<Arm> arms, double confidence = 0.95, CancellationToken cancel = default)
    {
        var results = arms.Select(a =>
            {
                var wilson = Proportion.Wilson(a.Emerged, a.Sown, confidence);
                return new ArmResult(a.Name, a.Emerged, a.Sown, a.Fraction, wilson.Low, wilson.High);
            })
            .ToList();
        var pairs = OneByOne(results, arms, cancel);
        var heterogeneity = Heterogeneous(arms);
        return new(results, heterogeneity, pairs, Explain(results, heterogeneity, pairs, confidence));
    }

    /// <summary>Null with one arm, or where none or all emerged.</summary>
    public static Heterogeneity? Heterogeneous(IReadOnlyList<Arm> arms)
    {
        double emerged = arms.Sum(a => (long)a.Emerged),
            sown = arms.Sum(a => (long)a.Sown);
        if (arms.Count < 2 || emerged == 0 || emerged == sown)
            return null;
        var share = emerged / sown;
        var chiSquare = arms.Sum(a => Math.Pow(a.Emerged - (a.Sown * share), 2) / (a.Sown * share * (1 - share)));
        return new(
            chiSquare,
            arms.Count - 1,
            chiSquare <= 0 ? 1 : SpecialFunctions.GammaUpperRegularized((arms.Count - 1) / 2.0, chiSquare / 2)
        );
    }

    private static List<ArmPair> OneByOne(List<ArmResult> results, IReadOnlyList<Arm> arms, CancellationToken cancel)
    {
        var pairs = new List<ArmPair>();
        for (var i = 0; i < arms.Count; i++)
        {
            for (var j = i + 1; j < arms.Count; j++)
            {
                cancel.ThrowIfCancellationRequested();
                var (a, b) = (results[i], results[j]);
                var difference = a.Fraction - b.Fraction;
                pairs.Add(
                    new(
                        a.Name,
                        b.Name,
                        difference,
                        difference - Math.Sqrt(Math.Pow(a.Fraction - a.Low, 2) + Math.Pow(b.High - b.Fraction, 2)),
                        difference + Math.Sqrt(Math.Pow(a.High - a.Fraction, 2) + Math.Pow(b.Fraction - b.Low, 2)),
                        FisherExact.TwoSided(a.Emerged, a.Sown, b.Emerged, b.Sown),
                        0
                    )
                );
            }
        }
        var adjusted = Holm([.. pairs.Select(p => p.FisherP)]);
        return [.. pairs.Select((p, i) => p with { HolmP = adjusted[i] })];
    }

    /// <summary>Step-down adjustment (Holm 1979), in the order given.</summary>
    public static IReadOnlyList<double> Holm(IReadOnlyList<double> p)
    {
        var adjusted = new double[p.Count];
        double highest = 0;
        foreach (var (at, rank) in Enumerable.Range(0, p.Count).OrderBy(i => p[i]).Select((at, rank) => (at, rank)))
        {
            highest = Math.Max(highest, Math.Min(1, p[at] * (p.Count - rank)));
            adjusted[at] = highest;
        }
        return adjusted;
    }

    private static List<string> Explain(List<ArmResult> arms, Heterogeneity? heterogeneity, List<ArmPair> pairs, double confidence)
    {
        var lines = arms.Select(a =>
                Text.Of(
                    $"{a.Name}: {a.Emerged} of {a.Sown} = {a.Fraction:P1}; {Percent.Of(confidence)} interval "
                        + $"{a.Low:P1} to {a.High:P1} (Wilson 1927)."
                )
            )
            .ToList();
        lines.Add(
            heterogeneity is { } h
                ? Text.Of(
                    $"All arms as one: chi-square {h.ChiSquare:0.###} on {h.DegreesOfFreedom}, p {h.P:0.####} (Pearson, no correction)."
                )
                : "All arms as one: nothing to test with one arm, or where none or all emerged."
        );
        lines.AddRange(
            pairs.Select(p =>
                Text.Of(
                    $"{p.First} less {p.Second}: {100 * p.Difference:+0.0;−0.0;0.0} points, "
                        + $"{100 * p.Low:+0.0;−0.0;0.0} to {100 * p.High:+0.0;−0.0;0.0} (Newcombe 1998, method 10); Fisher "
                        + $"exact "
                        + $"{ProbabilityWords.Of(p.FisherP)}"
                        + $"{(pairs.Count > 1 ? Text.Of($", {ProbabilityWords.Of(p.HolmP)} over {pairs.Count} pairs (Holm 1979)") : "")}."
                )
            )
        );
        lines.Add(
            "Seeds are taken as independent of one another. Seeds of one tray are not: they share its water, warmth "
                + "and losses, so trays that differ make intervals too narrow and p too small."
        );
        return lines;
    }
}
