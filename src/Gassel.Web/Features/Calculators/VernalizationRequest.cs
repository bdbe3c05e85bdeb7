using Gassel.Core.Growing;

namespace Gassel.Web.Features.Calculators;

/// <param name="PlantOut">Day on which the plants go into the ground.</param>
/// <param name="IsSown">The seed is past its own cold; false if left out.</param>
/// <param name="WeeksToPlant">From sowing to planting out; 10 if left out.</param>
public sealed record VernalizationRequest(VernalizationKind Kind, DateOnly PlantOut, bool? IsSown = null, int? WeeksToPlant = null);
