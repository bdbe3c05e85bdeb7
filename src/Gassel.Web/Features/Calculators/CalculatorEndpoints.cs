using Gassel.Core.Planning;

namespace Gassel.Web.Features.Calculators;

/// <summary>The calculators on their own: no book, no state; names and units are a contract.</summary>
internal static class CalculatorEndpoints
{
    public static void MapCalculators(this RouteGroupBuilder api)
    {
        var group = api.MapGroup("/calculators").WithTags("calculators");
        group.MapPost("/germination", GerminationCalculator.Answer).Produces<GerminationResponse>().ProducesProblem(400).ProducesProblem(415);
        group.MapPost("/schedule", ScheduleCalculator.Answer).Produces<Schedule>().ProducesProblem(400).ProducesProblem(415);
    }
}
