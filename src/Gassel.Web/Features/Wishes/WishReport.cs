namespace Gassel.Web.Features.Wishes;

/// <param name="Saved">Numbers of the wishes kept; empty while nothing is.</param>
public sealed record WishReport(IReadOnlyList<WishVerdict> Lines, int Accepted, int Refused, IReadOnlyList<int> Saved);
