namespace Gassel.Core.Sight;

/// <summary>
/// What a picture of seed on white paper shows. An aid of our own; what it cannot tell stands in <paramref name="Doubts"/>.
/// </summary>
/// <param name="Count">Seeds, those that touch among them.</param>
/// <param name="Touching">Of these, in clumps.</param>
/// <param name="PixelsPerMm">Null where no card was found and no scale given.</param>
/// <param name="Card">Corners of the card, x and y in turns, clockwise; null where none was found.</param>
/// <param name="Length">Null where the scale is not known or no seed lies apart.</param>
/// <param name="Doubts">Why the answer is not sure; empty where nothing speaks against it.</param>
public sealed record SeedsSeen(
    int Count,
    int Touching,
    double? PixelsPerMm,
    IReadOnlyList<double>? Card,
    SeedSpread? Length,
    SeedSpread? Width,
    IReadOnlyList<SeedSeen> Seeds,
    IReadOnlyList<string> Doubts
);
