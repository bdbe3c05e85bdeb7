namespace Gassel.Web.Features.Wishes;

/// <summary>What became of a line.</summary>
/// <param name="Refused">Why it cannot be entered; null where it can.</param>
/// <param name="Field">The cell that is wrong; null where none is.</param>
/// <param name="DidYouMean">Names to choose from where one nearly matches.</param>
/// <param name="Words">What will be entered, in a sentence; null where it is refused.</param>
public sealed record WishVerdict(WishLine Line, string? Refused, string? Field, IReadOnlyList<string> DidYouMean, string? Words);
