namespace Gassel.Core.Fold;

/// <summary>A change of water as recorded.</summary>
public readonly record struct WaterChange(DateOnly On, DateTimeOffset? At);
