using Gassel.Core.Growing;
using Gassel.Core.Yard;
using Gassel.Web.Problems;

namespace Gassel.Web.Features.Calculators;

internal static class DensityCalculator
{
    public static IResult Answer(DensityRequest request)
    {
        var seed = request.SurfaceCm2 is not null || request.Preset is not null;
        var plants = request.AreaM2 is not null || request.Plants is not null;
        if (seed == plants)
        {
            return new Refusal(
                "surfaceCm2",
                "Either surfaceCm2 or preset is needed, or areaM2 or plants with spacingCm; not both."
            ).ToResult();
        }
        return seed ? Seeds(request) : Plants(request);
    }

    private static IResult Seeds(DensityRequest request)
    {
        if (request is { SurfaceCm2: not null, Preset: not null })
            return new Refusal("preset", "preset stands for a surface; valid is one of surfaceCm2 and preset.").ToResult();
        var surface = request.SurfaceCm2 ?? 10_000 * ContainerParameters.Of(request.Preset!.Value).AreaM2;
        var refusal = Limits.Number("surfaceCm2", surface, 0.1, 1e6)
            ?? Limits.Number("spacingMm", request.SpacingMm ?? Density.SeedsApartMm, 0.5, 1000);
        return refusal?.ToResult()
            ?? (IResult)TypedResults.Ok(new DensityAnswer(Density.Seeds(surface, request.SpacingMm ?? Density.SeedsApartMm), null, null));
    }

    private static IResult Plants(DensityRequest request)
    {
        if (request is { AreaM2: not null, Plants: not null })
            return new Refusal("plants", "plants and areaM2 ask for each other; valid is one of them.").ToResult();
        if (request.SpacingCm is not { } spacing)
            return new Refusal("spacingCm", "spacingCm is needed with areaM2 or plants; valid is a number from 1 to 1000.").ToResult();
        var refusal = Limits.Number("spacingCm", spacing, 1, 1000)
            ?? (request.AreaM2 is { } m2 ? Limits.Number("areaM2", m2, 0.01, 1e6) : null)
            ?? (request.Plants is { } wanted ? Limits.Whole("plants", wanted, 1, 10_000_000) : null);
        if (refusal is not null)
            return refusal.ToResult();
        var plants = request.Plants ?? Density.Plants(request.AreaM2!.Value, spacing);
        return TypedResults.Ok(new DensityAnswer(null, plants, Density.AreaM2(plants, spacing)));
    }
}
