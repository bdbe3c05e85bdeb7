using Gassel.Core.Seed;
using Gassel.Core.Treatments;
using Gassel.Web.Problems;

namespace Gassel.Web.Features.Calculators;

internal static class ViabilityCalculator
{
    public static IResult Answer(ViabilityRequest request)
    {
        var refusal = Limits.Number("ageYears", request.AgeYears, 0, 200) ?? Limits.Number("initial", request.Initial ?? 0, 0, 1);
        if (refusal is not null)
            return refusal.ToResult();
        return TypedResults.Ok(
            Viability.At(
                request.School ?? ViabilitySchool.Share,
                request.Initial ?? Viability.WildCollected,
                request.AgeYears,
                request.Longevity ?? Longevity.Medium,
                request.Storage ?? SeedStorage.RoomDry
            )
        );
    }
}
