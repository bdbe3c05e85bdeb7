namespace Gassel.Core.Climate;

/// <summary>A day's range; dry seed gains nothing from it.</summary>
public readonly record struct ChillingDay(DateOnly Date, double MinC, double MaxC, bool Moist = true);
