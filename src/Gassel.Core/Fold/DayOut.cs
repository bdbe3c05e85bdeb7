namespace Gassel.Core.Fold;

/// <summary>A day out to harden off, as recorded.</summary>
public readonly record struct DayOut(DateOnly On, int? Hours);
