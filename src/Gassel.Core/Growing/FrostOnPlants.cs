namespace Gassel.Core.Growing;

/// <summary>Days of frost on plants that were to have cold without frost.</summary>
public readonly record struct FrostOnPlants(DateOnly Date, double MinC);
