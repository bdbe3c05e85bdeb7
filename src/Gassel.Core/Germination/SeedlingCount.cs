namespace Gassel.Core.Germination;

/// <summary>Seedlings new since the last count.</summary>
/// <param name="Day">Days since sowing; may be fractional.</param>
/// <param name="Emerged">New since the last count, not cumulative.</param>
public readonly record struct SeedlingCount(double Day, int Emerged)
{
    /// <summary>The earliest day on which seedlings can be counted.</summary>
    public const double EarliestDay = 0.01;
}
