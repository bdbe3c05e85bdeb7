namespace Gassel.Core.Fold;

/// <summary>Where a part stood, from a day on.</summary>
public readonly record struct Stay(string Place, DateOnly From);
