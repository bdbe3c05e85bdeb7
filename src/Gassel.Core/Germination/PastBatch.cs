namespace Gassel.Core.Germination;

/// <summary>What a finished batch did.</summary>
/// <param name="Seeds">At least 1 and at least <paramref name="Germinated"/>.</param>
public readonly record struct PastBatch(int Germinated, int Seeds, bool AtLeast = false);
