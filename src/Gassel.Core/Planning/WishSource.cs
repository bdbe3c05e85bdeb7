namespace Gassel.Core.Planning;

/// <summary>Where the seed of a wish is to come from.</summary>
public enum WishSource
{
    [Words("from a lot")]
    Lot,

    [Words("to gather")]
    Gather,

    [Words("to buy")]
    Buy,
}
