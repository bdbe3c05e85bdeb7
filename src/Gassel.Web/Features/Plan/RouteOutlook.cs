using Gassel.Core.Planning;
using Gassel.Core.Treatments;

namespace Gassel.Web.Features.Plan;

/// <summary>A route of the species under the same wish.</summary>
/// <param name="TreatmentDays">From the first step to sowing.</param>
/// <param name="Seeds">Seeds it needs; null where no number reaches the plants.</param>
/// <param name="Expected">Plants by own results.</param>
/// <param name="Risk">What may go wrong with it, in words.</param>
/// <param name="Space">Room it needs, tightest day by place.</param>
public sealed record RouteOutlook(
    string RouteId,
    string Name,
    RouteSetting Setting,
    DateWindow Start,
    DateWindow Finish,
    bool Feasible,
    int ShortfallDays,
    DurationRange TreatmentDays,
    int? Seeds,
    Expectation Expected,
    IReadOnlyList<string> Risk,
    IReadOnlyList<SpaceCheck> Space
);
