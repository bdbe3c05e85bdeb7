using System.Globalization;
using Gassel.Core.Germination;

namespace Gassel.Core.Trials;

/// <summary>What a trial says, in one honest sentence and its numbers.</summary>
/// <param name="IsPooled">Replicates agree and are taken together.</param>
/// <param name="Comparison">Arms pooled; pairs say nothing that holds where they do not agree.</param>
/// <param name="Times">Of each arm against the control.</param>
public sealed record TrialResult(
    IReadOnlyList<TrialArmResult> Arms,
    bool IsPooled,
    Comparison Comparison,
    IReadOnlyList<TimeDifference> Times,
    string Sentence,
    IReadOnlyList<string> Working
)
{
    /// <summary>Below this p a difference is taken for one.</summary>
    public const double Doubt = Comparison.Doubt;

    /// <summary>Null where no seed of one arm has been sown yet.</summary>
    /// <param name="arms">Two or more.</param>
    /// <param name="isConfounded">One vessel an arm.</param>
    /// <param name="expectedUntil">Last day on which seedlings are expected; null where it is over.</param>
    public static TrialResult? Of(IReadOnlyList<ArmCount> arms, bool isConfounded, DateOnly? expectedUntil)
    {
        if (arms.Any(a => a.Sown == 0))
            return null;
        var comparison = Comparison.Of([.. arms.Select(a => new Arm(a.Name, a.Germinated, a.Sown))]);
        var results = arms.Select(
                (a, i) =>
                    new TrialArmResult(
                        comparison.Arms[i],
                        a.IsControl,
                        Comparison.Of([.. a.Replicates.Where(r => r.Sown > 0).Select(r => new Arm(r.Label, r.Germinated, r.Sown))]).Arms,
                        Comparison.Heterogeneous([
                            .. a.Replicates.Where(r => r.Sown > 0).Select(r => new Arm(r.Label, r.Germinated, r.Sown)),
                        ]),
                        GerminationIndices.From(Math.Max(1, a.Sown), a.Counts).MeanTime
                    )
            )
            .ToList();
        var control = arms.FirstOrDefault(a => a.IsControl) ?? arms[0];
        var times = arms.Where(a => a != control)
            .Select(a => TimeDifference.Of(a.Name, a.Counts, control.Name, control.Counts))
            .OfType<TimeDifference>()
            .ToList();
        var pooled = results.TrueForAll(r => r.Agrees);
        return new(
            results,
            pooled,
            comparison,
            times,
            Say(results, comparison, control, pooled, isConfounded, expectedUntil),
            Explain(results, comparison, times, pooled)
        );
    }

    private static string Say(
        List<TrialArmResult> arms,
        Comparison comparison,
        ArmCount control,
        bool pooled,
        bool isConfounded,
        DateOnly? expectedUntil
    )
    {
        var lines = new List<string>();
        if (expectedUntil is { } until)
            lines.Add($"Not over: seedlings are expected until {Quantity.Day(until)}. So far:");
        if (arms.TrueForAll(a => a.Arm.Emerged == 0))
            return string.Join(' ', lines.Append("Nothing has come up in any arm: there is nothing to compare."));
        if (!pooled)
        {
            var doubtful = arms.Where(a => !a.Agrees)
                .Select(a =>
                    Text.Of(
                        $"{a.Arm.Name} "
                            + $"({string.Join(", ", a.Replicates.Select(r => r.Fraction.ToString("P0", CultureInfo.InvariantCulture)))})"
                    )
                );
            lines.Add(
                $"The vessels of one arm do not agree: {string.Join("; ", doubtful)}. They are not taken together, and "
                    + $"what stands between the arms may stand between the vessels."
            );
            return string.Join(' ', lines);
        }
        foreach (var other in arms.Where(a => a.Arm.Name != control.Name))
        {
            lines.Add(Against(other.Arm, arms.Single(a => a.Arm.Name == control.Name).Arm, comparison));
        }
        if (isConfounded)
            lines.Add("One vessel an arm: vessel and treatment cannot be told apart.");
        return string.Join(' ', lines);
    }

    /// <summary>One arm against the control.</summary>
    private static string Against(ArmResult arm, ArmResult control, Comparison comparison)
    {
        var pair = comparison.Pairs.Single(p =>
            (p.First, p.Second) == (arm.Name, control.Name) || (p.First, p.Second) == (control.Name, arm.Name)
        );
        var (difference, low, high) =
            pair.First == arm.Name ? (pair.Difference, pair.Low, pair.High) : (-pair.Difference, -pair.High, -pair.Low);
        string Points(double share) => Text.Of($"{100 * share:0;−0;0}");
        var shares = Text.Of($"{arm.Fraction:P0} and {control.Fraction:P0}");
        if (pair.HolmP >= Doubt)
        {
            var seeds =
                arm.Sown == control.Sown
                    ? Text.Of($"{Text.Capital(Number(arm.Sown))} seeds each cannot tell")
                    : Text.Of($"{arm.Sown} and {control.Sown} seeds cannot tell");
            return Text.Of(
                $"{seeds} {arm.Name} and {control.Name} apart: {shares}. The difference may be anywhere from "
                    + $"{Points(low)} to {Points(high)} points."
            );
        }
        return Text.Of(
            $"{Text.Capital(arm.Name)} came up {(difference > 0 ? "more" : "less")} than {control.Name}: {shares}, "
                + $"{Points(Math.Abs(difference))} points {(difference > 0 ? "more" : "less")} (between "
                + $"{Points(difference > 0 ? low : -high)} and {Points(difference > 0 ? high : -low)}). "
                + $"This is unlikely to be chance."
        );
    }

    private static List<string> Explain(List<TrialArmResult> arms, Comparison comparison, IReadOnlyList<TimeDifference> times, bool pooled)
    {
        var lines = new List<string>();
        foreach (var arm in arms.Where(a => a.Replicates.Count > 1))
        {
            lines.Add(
                arm.Agreement is { } h
                    ? Text.Of(
                        $"{arm.Arm.Name}: {arm.Replicates.Count} vessels, chi-square {h.ChiSquare:0.##} on "
                            + $"{h.DegreesOfFreedom}, p {h.P:0.###}: "
                            + $"{(arm.Agrees ? "they agree, as far as so few seeds can show" : "they do not agree")}."
                    )
                    : $"{arm.Arm.Name}: none or all came up in its vessels."
            );
        }
        if (!pooled)
            lines.Add("Where vessels do not agree the pooled intervals below are too narrow.");
        lines.AddRange(comparison.Working);
        lines.AddRange(times.SelectMany(t => t.Working).Distinct());
        return lines;
    }

    private static readonly string[] Numbers =
    [
        "no",
        "one",
        "two",
        "three",
        "four",
        "five",
        "six",
        "seven",
        "eight",
        "nine",
        "ten",
        "eleven",
        "twelve",
    ];

    private static string Number(int n) => n < Numbers.Length ? Numbers[n] : n.ToString(CultureInfo.InvariantCulture);
}
