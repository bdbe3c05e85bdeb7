namespace Gassel.Core.Germination;

/// <summary>A sowing as it was told without it, beside what came.</summary>
/// <param name="Batch">Number of the batch.</param>
/// <param name="After">Half were not up by the count on this day since sowing,</param>
/// <param name="To">and were by this one.</param>
/// <param name="RouteDay">The usual day of the route.</param>
public sealed record WarmthToldSowing(int Batch, int After, int To, WarmthDays ByWarmth, int RouteDay)
{
    /// <summary>Days by which a day missed the time between the two counts; nought within it.</summary>
    public double Miss(double day) =>
        day > To ? day - To
        : day <= After ? After - day
        : 0;
}
