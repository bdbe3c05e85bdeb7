using Gassel.Core.Yard;

namespace Gassel.Web.Features.Yard;

/// <summary>A warning with every container that it touches.</summary>
/// <param name="Title">What is the matter and what to do.</param>
/// <param name="Actions">One tap for all of them; empty where nothing can be done at once.</param>
public sealed record YardAlert(
    YardWarningKind Kind,
    string Title,
    DateTimeOffset? From,
    DateTimeOffset? To,
    double? WorstC,
    IReadOnlyList<AlertedContainer> Containers,
    IReadOnlyList<AlertAction> Actions
);
