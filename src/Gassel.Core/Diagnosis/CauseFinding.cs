namespace Gassel.Core.Diagnosis;

/// <summary>One cause with what speaks for it and against it.</summary>
/// <param name="For">Evidence for it, each a sentence with its numbers.</param>
/// <param name="Against">Evidence against it.</param>
/// <param name="LookNext">What to look at to know more.</param>
public sealed record CauseFinding(
    Cause Cause,
    Likelihood Likelihood,
    IReadOnlyList<string> For,
    IReadOnlyList<string> Against,
    string LookNext
)
{
    /// <summary>
    /// Of made-up seasons with such a record the share in which this was at work, 0..1; null where nothing needs explaining.
    /// </summary>
    public double? Chance { get; init; }

    /// <summary>A cause is named from here on: it is more likely than not.</summary>
    private const double MoreLikelyThanNot = 0.5;

    /// <summary>Something on record speaks for it.</summary>
    public bool IsSeen => Likelihood is Likelihood.Likely or Likelihood.Possible;

    /// <summary>More likely than not, and by something that is on record; that others are ruled out is no evidence.</summary>
    public bool IsNamed => IsSeen && Chance >= MoreLikelyThanNot;

    /// <summary>The chance in words; null with it.</summary>
    public string? Odds =>
        Chance switch
        {
            null => null,
            < 0.05 => "under 1 of 10",
            > 0.95 => "over 9 of 10",
            { } share => Text.Of($"{Math.Round(10 * share):0} of 10"),
        };

    public string Name =>
        Cause switch
        {
            Cause.NotTimeYet => "not time yet",
            Cause.ChillingShort => "chilling short or interrupted",
            Cause.WarmStepMissing => "warm step missing",
            Cause.CoatNotBroken => "coat not broken",
            Cause.TooCold => "too cold",
            Cause.TooHot => "too hot, or a mat out of control",
            Cause.CoveredThoughItNeedsLight => "covered, and it needs light",
            Cause.LitThoughItNeedsDark => "lit, and it needs dark",
            Cause.TooDeep => "too deep",
            Cause.OldOrEmptySeed => "old or empty seed",
            Cause.DriedOut => "dried out",
            Cause.DrownedOrRotted => "drowned or rotted",
            Cause.Frost => "frost",
            _ => "eaten",
        };
}
