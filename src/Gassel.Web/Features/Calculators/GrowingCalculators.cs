using Gassel.Core.Climate;
using Gassel.Core.Growing;
using Gassel.Web.Features.Weather;
using Gassel.Web.Problems;
using Gassel.Web.Runtime;

namespace Gassel.Web.Features.Calculators;

/// <summary>Sums of growing on: lamps, pots, hardening off.</summary>
internal static class GrowingCalculators
{
    public static IResult Light(LightRequest request)
    {
        var refusal = Limits.Number("watts", request.Watts ?? 0, 0, 100_000) ?? Limits.Number("perKWh", request.PerKWh ?? 0, 0, 1000);
        return refusal?.ToResult()
            ?? (IResult)TypedResults.Ok(LightDay.Of(new(request.On, request.Off), request.Watts ?? 0, request.PerKWh ?? 0));
    }

    public static IResult Pot(PotSizeRequest request)
    {
        var refusal = Limits.Number("widthCm", request.WidthCm, 1, 100) ?? Limits.Whole("plants", request.Plants ?? 1, 1, 1_000_000);
        return refusal?.ToResult() ?? (IResult)TypedResults.Ok(PotSize.After(request.WidthCm, request.Plants ?? 1));
    }

    public static IResult Spacing(SpacingRequest request)
    {
        var refusal = Limits.Whole("plants", request.Plants, 1, 1_000_000) ?? Limits.Number("spacingCm", request.SpacingCm, 1, 1000);
        return refusal?.ToResult() ?? (IResult)TypedResults.Ok(PlantSpacing.Of(request.Plants, request.SpacingCm));
    }

    /// <summary>Counted back from planting out; what it risks by the weather record of the site, where one is chosen.</summary>
    public static IResult Flowering(VernalizationRequest request, YardWeather weather, SiteClock clock)
    {
        const int usualWeeks = 10;
        var refusal = Limits.Day("plantOut", request.PlantOut)
            ?? Limits.Whole("weeksToPlant", request.WeeksToPlant ?? usualWeeks, 1, 104)
            ?? (
                request.PlantOut < clock.Today
                    ? new Refusal(
                        "plantOut",
                        $"plantOut was {request.PlantOut:yyyy-MM-dd}; valid is today, {clock.Today:yyyy-MM-dd}, or later."
                    )
                    : null
            );
        return refusal?.ToResult()
            ?? (IResult)
                TypedResults.Ok(
                    VernalizationPlan.Of(
                        request.Kind,
                        request.PlantOut,
                        clock.Today,
                        request.IsSown ?? false,
                        request.WeeksToPlant ?? usualWeeks,
                        weather.Record()
                    )
                );
    }

    /// <summary>By the outlook of the yard, where one is known.</summary>
    public static async Task<IResult> Hardening(HardeningRequest request, YardWeather weather, CancellationToken cancel)
    {
        var refusal = Limits.Day("start", request.Start)
            ?? Limits.Whole("days", request.Days, HardeningPlan.Short, HardeningPlan.Long)
            ?? Limits.Count("skipped", request.Skipped?.Count ?? 0, 0, 60);
        if (refusal is not null)
            return refusal.ToResult();
        var outlook = (await weather.Sky(cancel)).Days.Where(d => d.Source != YardDaySource.Typical).ToDictionary(d => d.Date);
        return TypedResults.Ok(
            HardeningPlan.Of(
                request.Start,
                request.Days,
                request.Tender ?? false,
                outlook,
                (request.Skipped ?? []).ToHashSet(),
                opened: request.WinterSown ?? false
            )
        );
    }
}
