using Gassel.Core.Germination;
using Gassel.Core.Treatments;

namespace Gassel.Web.Features.Learning;

/// <summary>A route with what own batches made of it.</summary>
/// <param name="Learned">Prior, own data and what they let expect of a new batch.</param>
/// <param name="Cold">What its cold does; null for a route without, and where no own batch is over.</param>
/// <param name="Others">What other nurseries made of seed treated alike; not among the batches.</param>
/// <param name="Window">When it came up; null where nothing did.</param>
public sealed record RouteResults(
    string RouteId,
    string RouteName,
    DurationRange Emergence,
    IReadOnlyList<BatchOutcome> Batches,
    LearnedView Learned,
    ObservedWindow? Window,
    ColdLearned? Cold,
    IReadOnlyList<OthersView> Others
);
