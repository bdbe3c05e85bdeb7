namespace Gassel.Core.Planning;

/// <summary>A batch that has not begun and might begin on another day.</summary>
/// <param name="Taken">What it takes as planned.</param>
/// <param name="EarliestBy">Days it may begin earlier within its window, 0 or more.</param>
/// <param name="LatestBy">Days it may begin later, 0 or more.</param>
public sealed record MovableBatch(string Name, IReadOnlyList<SpaceTaken> Taken, DateOnly Start, int EarliestBy, int LatestBy);
