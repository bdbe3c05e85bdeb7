namespace Gassel.Core.Planning;

public enum WishWhenKind
{
    /// <summary>Planted so many weeks from the usual last frost.</summary>
    FromLastFrost,
    OnDay,

    /// <summary>Planted in autumn, some weeks before the ground freezes.</summary>
    Autumn,
}
