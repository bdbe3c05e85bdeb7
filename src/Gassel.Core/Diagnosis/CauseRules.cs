namespace Gassel.Core.Diagnosis;

/// <summary>
/// The rules by which low germination is judged, one to a cause. Each looks at the record alone, says what speaks for its cause and against
/// it, and answers null where
/// the cause cannot apply. The facts are common practice, no source; the limits are our assumption and stand beside the rule.
/// </summary>
public static partial class CauseRules
{
    /// <summary>In the order of <see cref="Cause"/>.</summary>
    public static IReadOnlyList<Func<GerminationGround, CauseFinding?>> All { get; } =
    [
        NotTimeYet,
        ChillingShort,
        WarmStepMissing,
        CoatNotBroken,
        TooCold,
        TooHot,
        CoveredThoughItNeedsLight,
        LitThoughItNeedsDark,
        TooDeep,
        OldOrEmptySeed,
        DriedOut,
        DrownedOrRotted,
        Frost,
        Pests,
    ];

    private static string Seedlings(int n) => n == 1 ? "One seedling was" : Text.Of($"{n} seedlings were");

    /// <summary>Evidence while it is gathered.</summary>
    private sealed class Evidence
    {
        public List<string> For { get; } = [];
        public List<string> Against { get; } = [];

        public CauseFinding Finding(Cause cause, Likelihood likelihood, string lookNext) => new(cause, likelihood, For, Against, lookNext);
    }
}
