namespace Gassel.Core.Planning;

/// <summary>When the plants of a wish are to go into the ground.</summary>
/// <param name="Day">On that day; null for the other kinds.</param>
/// <param name="Weeks">From the last frost, negative before it.</param>
/// <param name="Year">Of that frost or autumn; null for the next.</param>
public sealed record WishWhen(WishWhenKind Kind, DateOnly? Day = null, int Weeks = 0, int? Year = null)
{
    public static WishWhen NextSpring { get; } = new(WishWhenKind.FromLastFrost);
}
