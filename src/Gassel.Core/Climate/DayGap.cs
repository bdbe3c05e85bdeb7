namespace Gassel.Core.Climate;

/// <summary>Days without a reading between two that have one, both ends inclusive.</summary>
public readonly record struct DayGap(DateOnly From, DateOnly To);
