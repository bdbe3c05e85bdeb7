using Gassel.Core.Climate;
using Gassel.Core.Germination;
using Gassel.Core.Growing;
using Gassel.Core.Planning;
using Gassel.Core.Seed;
using Gassel.Core.Trials;
using Gassel.Core.Yard;
using Gassel.Data.People;
using Gassel.Web.Features.People;
using Microsoft.AspNetCore.Mvc;

namespace Gassel.Web.Features.Calculators;

/// <summary>The calculators on their own: no book, no state; names and units are a contract.</summary>
internal static class CalculatorEndpoints
{
    /// <summary>Forty thousand days with room to spare.</summary>
    private const int DailyBytes = 8_000_000;

    /// <summary>As many readings as are taken, with room to spare.</summary>
    private const int ReadingBytes = 25_000_000;

    public static void MapCalculators(this RouteGroupBuilder api)
    {
        var group = api.MapGroup("/calculators").For(Role.Volunteer).WithTags("calculators");
        group
            .MapPost("/germination", GerminationCalculator.Answer)
            .Produces<GerminationResponse>()
            .ProducesProblem(400)
            .ProducesProblem(415);
        group.MapPost("/compare", CompareCalculator.Answer).Produces<Comparison>().ProducesProblem(400).ProducesProblem(415);
        group.MapPost("/trial-size", TrialSizeCalculator.Answer).Produces<TrialSize>().ProducesProblem(400).ProducesProblem(415);
        group
            .MapPost("/seeds-needed", SeedsNeededCalculator.Answer)
            .Produces<SeedsNeededResponse>()
            .ProducesProblem(400)
            .ProducesProblem(415);
        group.MapPost("/viability", ViabilityCalculator.Answer).Produces<ViabilityResult>().ProducesProblem(400).ProducesProblem(415);
        group
            .MapPost("/frost", FrostCalculator.Answer)
            .WithMetadata(new RequestSizeLimitAttribute(DailyBytes))
            .Produces<FrostResult>()
            .ProducesProblem(400)
            .ProducesProblem(413)
            .ProducesProblem(415);
        group.MapGet("/chilling", ChillingCalculator.Start);
        group
            .MapPost("/chilling", ChillingCalculator.Answer)
            .WithMetadata(new RequestSizeLimitAttribute(ReadingBytes))
            .Produces<ChillingResult>()
            .ProducesProblem(400)
            .ProducesProblem(413)
            .ProducesProblem(415);
        group
            .MapPost("/emergence", EmergenceCalculator.Answer)
            .WithMetadata(new RequestSizeLimitAttribute(ReadingBytes))
            .Produces<EmergenceForecast>()
            .ProducesProblem(400)
            .ProducesProblem(413)
            .ProducesProblem(415);
        group.MapGet("/container", ContainerCalculator.Start);
        group
            .MapPost("/container", ContainerCalculator.Answer)
            .WithMetadata(new RequestSizeLimitAttribute(ReadingBytes))
            .Produces<ContainerAnswer>()
            .ProducesProblem(400)
            .ProducesProblem(413)
            .ProducesProblem(415);
        group
            .MapPost("/set-out", SetOutCalculator.Answer)
            .WithMetadata(new RequestSizeLimitAttribute(DailyBytes))
            .Produces<SetOutResult>()
            .ProducesProblem(400)
            .ProducesProblem(413)
            .ProducesProblem(415);
        group.MapPost("/light", GrowingCalculators.Light).Produces<LightDay>().ProducesProblem(400).ProducesProblem(415);
        group.MapPost("/pot-size", GrowingCalculators.Pot).Produces<PotSize>().ProducesProblem(400).ProducesProblem(415);
        group.MapPost("/spacing", GrowingCalculators.Spacing).Produces<PlantSpacing>().ProducesProblem(400).ProducesProblem(415);
        group.MapPost("/hardening", GrowingCalculators.Hardening).Produces<HardeningPlan>().ProducesProblem(400).ProducesProblem(415);
        group.MapPost("/flowering", GrowingCalculators.Flowering).Produces<VernalizationPlan>().ProducesProblem(400).ProducesProblem(415);
        group.MapGet("/mix", MixCalculator.Start);
        group.MapPost("/mix", MixCalculator.Answer).Produces<MixResult>().ProducesProblem(400).ProducesProblem(415);
        group.MapPost("/cold-response", ColdResponseCalculator.Answer).Produces<ColdEffect>().ProducesProblem(400).ProducesProblem(415);
        group
            .MapPost("/causes", CausesCalculator.Answer)
            .WithMetadata(new RequestSizeLimitAttribute(DailyBytes))
            .Produces<CausesAnswer>()
            .ProducesProblem(400)
            .ProducesProblem(413)
            .ProducesProblem(415);
        group.MapPost("/density", DensityCalculator.Answer).Produces<DensityAnswer>().ProducesProblem(400).ProducesProblem(415);
        group
            .MapPost("/season", SeasonCalculator.Answer)
            .WithMetadata(new RequestSizeLimitAttribute(DailyBytes))
            .Produces<SeasonAnswer>()
            .ProducesProblem(400)
            .ProducesProblem(413)
            .ProducesProblem(415);
        group.MapPost("/schedule", ScheduleCalculator.Answer).Produces<Schedule>().ProducesProblem(400).ProducesProblem(415);
    }
}
