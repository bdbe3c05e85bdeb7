using Gassel.Core.Seed;
using Gassel.Core.Treatments;

namespace Gassel.Web.Features.Calculators;

/// <param name="School"><c>share</c> if left out.</param>
/// <param name="Initial">Share alive at harvest, 0..1; 0.7, that of wild-collected seed, if left out.</param>
/// <param name="AgeYears">0 to 200.</param>
/// <param name="Longevity">Needed by the share school; <c>medium</c> if left out.</param>
/// <param name="Storage">Changes the half-life of the share school; <c>roomDry</c>, which leaves it as it is, if left out.</param>
public sealed record ViabilityRequest(
    double AgeYears,
    ViabilitySchool? School = null,
    double? Initial = null,
    Longevity? Longevity = null,
    SeedStorage? Storage = null
);
