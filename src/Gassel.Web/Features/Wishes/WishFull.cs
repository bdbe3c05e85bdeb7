namespace Gassel.Web.Features.Wishes;

/// <summary>A place that is full for a while.</summary>
/// <param name="To">Its last day.</param>
/// <param name="Wishes">Numbers of those that wait.</param>
public sealed record WishFull(string Place, DateOnly From, DateOnly To, IReadOnlyList<int> Wishes, string Words);
