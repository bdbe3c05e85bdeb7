namespace Gassel.Core.Yard;

/// <summary>Of the winters on record.</summary>
public readonly record struct SetOutCounts(int ChillMet, int Carried, int Up, int Froze);
