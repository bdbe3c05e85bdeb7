namespace Gassel.Web.Features.Counting;

/// <param name="Line">Line in the file, the header being 1.</param>
/// <param name="Refused">Why the row cannot be recorded; null where it can.</param>
public sealed record CountFileRow(int Line, string Date, string Emerged, string Lost, string Cause, string Rooted, string? Refused)
{
    public bool Accepted => Refused is null;
}
