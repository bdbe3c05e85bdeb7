namespace Gassel.Core.Fold;

/// <summary>How far the seed of a sowing was counted.</summary>
public enum Counted
{
    /// <summary>Nobody counted: what came up is unknown, not none.</summary>
    Never,

    /// <summary>Counted while it may still come up: what is known is a lower bound.</summary>
    SoFar,

    /// <summary>Counted to the end of its window, or to where it was given up.</summary>
    Whole,
}
