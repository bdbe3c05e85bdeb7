namespace Gassel.Web.Features.Told;

/// <param name="Saved">Numbers of the batches made; empty while nothing is saved.</param>
public sealed record ToldReport(IReadOnlyList<ToldVerdict> Lines, int Accepted, int Refused, IReadOnlyList<int> Saved);
