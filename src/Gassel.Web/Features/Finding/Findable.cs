namespace Gassel.Web.Features.Finding;

/// <summary>Something of the book with the words by which it is looked for.</summary>
/// <param name="Id">Unlike that of all others.</param>
/// <param name="Title">What it is called, its number first.</param>
/// <param name="More">What else it is known by; empty for nothing.</param>
/// <param name="Path">Where it is shown.</param>
/// <param name="On">When something last happened to it; null for what has no days.</param>
public sealed record Findable(string Id, FindableKind Kind, string Title, string More, string Path, DateOnly? On);
