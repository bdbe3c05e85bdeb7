namespace Gassel.Core.Diagnosis;

/// <summary>Why few may have come up, in the order in which a grower would think of them.</summary>
public enum Cause
{
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
}
