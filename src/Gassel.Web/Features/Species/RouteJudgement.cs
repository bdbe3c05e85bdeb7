using Gassel.Core.Treatments;

namespace Gassel.Web.Features.Species;

/// <param name="Objections">Why the route cannot be kept as it is; empty where it can.</param>
/// <param name="TreatmentDays">From the first step to sowing; null while steps are out of order.</param>
public sealed record RouteJudgement(IReadOnlyList<RouteObjection> Objections, DurationRange? TreatmentDays);
