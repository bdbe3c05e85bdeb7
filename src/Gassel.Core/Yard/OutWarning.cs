using Gassel.Core.Record;

namespace Gassel.Core.Yard;

/// <summary>A warning for a place and all that it touches there.</summary>
/// <param name="Title">What to do.</param>
/// <param name="Reason">Why, with day and temperatures.</param>
/// <param name="On">Day of the danger.</param>
/// <param name="WorstC">Null where it is no matter of temperature.</param>
/// <param name="Parts">Those it touches, the most tender first.</param>
/// <param name="Do">What one tap records for all of them; null where nothing can be done in one tap.</param>
public sealed record OutWarning(
    OutWarningKind Kind,
    string Title,
    string Reason,
    DateOnly On,
    double? WorstC,
    IReadOnlyList<OutTouched> Parts,
    Tending? Do,
    IReadOnlyList<string> Working
);
