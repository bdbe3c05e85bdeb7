namespace Gassel.Core.Treatments;

/// <summary>What tells that seedlings leave the tray they came up in, by kind (common practice, no source).</summary>
public enum LeaveClock
{
    /// <summary>Quick and annual-like kinds.</summary>
    [Words("at the first true leaves")]
    TrueLeaves,

    [Words("at a height")]
    Height,

    /// <summary>Slow perennials and bog plants.</summary>
    [Words("some weeks after sowing")]
    Weeks,

    /// <summary>Tap roots.</summary>
    [Words("never, thinned where they stand")]
    Never,
}
