namespace Gassel.Core.Climate;

/// <summary>A day's minimum; null where it is missing.</summary>
public readonly record struct DailyMinimum(DateOnly Date, double? MinC);
