namespace Gassel.Web.Features.Counting;

/// <param name="Saved">True where the accepted rows are in the book now.</param>
public sealed record CountFileReport(IReadOnlyList<CountFileRow> Rows, int Accepted, int Refused, bool Saved);
