namespace Gassel.Core.Treatments;

/// <summary>How much a kind is fed while it grows on; the label has the say (common practice, no source).</summary>
public enum Appetite
{
    [Words("heavy: every 7 to 10 days")]
    Heavy,

    [Words("usual: every two weeks")]
    Usual,

    /// <summary>Slow natives.</summary>
    [Words("little: once, after potting")]
    Little,

    [Words("slow: from two months on, every three months")]
    Slow,

    [Words("none")]
    None,
}
