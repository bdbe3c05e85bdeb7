namespace Gassel.Core.Closing;

/// <summary>What happened to a batch on its way through the years.</summary>
public enum LongEventKind
{
    Warm,
    Cold,
    Sown,

    /// <summary>Seedlings, those of one spring together.</summary>
    Up,

    /// <summary>Roots, those of one spring together.</summary>
    Rooted,
    Kept,
    Potted,
    DiedBack,
    CameAgain,
    Planted,
}
