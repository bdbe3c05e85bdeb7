using Gassel.Core.Record;

namespace Gassel.Core.Yard;

/// <param name="Reason">Why, with day, hours and temperatures.</param>
/// <param name="From">Beginning of the danger; null where it is no matter of hours.</param>
/// <param name="Actions">What can be done about it, the usual one first; empty where nothing can.</param>
public sealed record YardWarning(
    YardWarningKind Kind,
    string Reason,
    DateTimeOffset? From,
    DateTimeOffset? To,
    double? WorstC,
    IReadOnlyList<Tending> Actions
);
