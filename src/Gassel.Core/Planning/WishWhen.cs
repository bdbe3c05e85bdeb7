namespace Gassel.Core.Planning;

/// <summary>When the plants of a wish are to go into the ground.</summary>
/// <param name="Day">On that day; null for the other kinds.</param>
/// <param name="Weeks">From the last frost, negative before it.</param>
/// <param name="Year">Of that frost or autumn; null for the next.</param>
public sealed record WishWhen(WishWhenKind Kind, DateOnly? Day = null, int Weeks = 0, int? Year = null)
{
    /// <summary>Some weeks later; autumn is one season and stays.</summary>
    public WishWhen Later(int weeks) =>
        Kind switch
        {
            WishWhenKind.OnDay => this with { Day = Day!.Value.AddDays(7 * weeks) },
            WishWhenKind.Autumn => this,
            _ => this with { Weeks = Weeks + weeks },
        };

    public static WishWhen NextSpring { get; } = new(WishWhenKind.FromLastFrost);
}
