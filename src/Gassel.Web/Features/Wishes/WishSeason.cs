namespace Gassel.Web.Features.Wishes;

/// <summary>The winter as it was solved; nothing of it is kept.</summary>
/// <param name="Starts">Of each wish that was asked about.</param>
/// <param name="Words">How many start when they should, how many moved, how many found no room; and how sure that is.</param>
/// <param name="Full">What is full when, who waits for it, and what would make them fit.</param>
/// <param name="Unknown">Places whose room nobody entered, so that nothing was checked there; null where all is known.</param>
/// <param name="Loads">Room taken, by place and stretch of days.</param>
public sealed record WishSeason(
    IReadOnlyList<WishStart> Starts,
    string Words,
    IReadOnlyList<WishFull> Full,
    string? Unknown,
    IReadOnlyList<WishLoad> Loads,
    long Cost,
    long Bound,
    bool Optimal
);
