namespace Gassel.Web.Features.Counting;

/// <param name="Trays">The one that waits longest first; those that ask for no count last.</param>
public sealed record CountTraysView(DateOnly Today, IReadOnlyList<CountTray> Trays);
