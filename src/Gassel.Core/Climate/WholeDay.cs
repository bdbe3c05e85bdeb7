namespace Gassel.Core.Climate;

/// <summary>A whole day of weather.</summary>
public readonly record struct WholeDay(DateOnly Date, double MinC, double MaxC, double SnowCm = 0);
