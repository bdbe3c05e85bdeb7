namespace Gassel.Core.Closing;

/// <summary>What happened to a batch on its way through the years.</summary>
public enum LongEventKind
{
    [Words("warm")]
    Warm,

    [Words("cold")]
    Cold,

    [Words("sown")]
    Sown,

    /// <summary>Seedlings, those of one spring together.</summary>
    [Words("up")]
    Up,

    /// <summary>Roots, those of one spring together.</summary>
    [Words("rooted")]
    Rooted,

    [Words("kept")]
    Kept,

    [Words("potted")]
    Potted,

    [Words("died back")]
    DiedBack,

    [Words("up again")]
    CameAgain,

    [Words("planted")]
    Planted,
}
