using Gassel.Core.Due;
using Gassel.Core.Fold;
using Gassel.Core.Growing;
using Gassel.Core.Planning;
using Gassel.Core.Record;
using Gassel.Core.Treatments;
using Gassel.Core.Yard;
using Gassel.Data.People;
using Gassel.Web.Features.Book;
using Gassel.Web.Features.Learning;
using Gassel.Web.Features.People;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Gassel.Web.Features.Plan;

internal static class PlanEndpoints
{
    public static void MapPlan(this RouteGroupBuilder api)
    {
        api.MapPost("/plan", Preview).For(Role.Volunteer).ProducesProblem(400).ProducesProblem(404);
        api.MapPut("/batches/{id:guid}/plan", PlanConfirmation.Change)
            .For(Role.Grower)
            .ProducesProblem(400)
            .ProducesProblem(404)
            .ProducesProblem(409);
        api.MapPost("/batches", PlanConfirmation.Confirm).For(Role.Grower).ProducesProblem(400).ProducesProblem(404);
    }

    private static async Task<Results<Ok<PlanView>, ProblemHttpResult>> Preview(PlanRequest request, PlanBooks books)
    {
        var (ground, refusal) = await PlanGround.Stand(request, books);
        if (ground is null)
            return refusal!.ToResult();
        var batches = await books.Shelf.All();
        var own = ground.Finished.Select(f => f.Result).ToList();
        var room = await Room.At(books.Library);
        var taken = room.Taken(batches, ground.Today);

        var schedule = ground.Schedule(ground.Route);
        var seeds = ground.Seeds(ground.Route);
        var routes = ground.Species.Routes.Select(r => Beside(r, ground, books, own, taken, room)).ToList();
        return TypedResults.Ok(
            new PlanView(
                ground.AnchorOf(ground.Route),
                schedule,
                [
                    .. ground.Route.Steps.Zip(schedule.Steps, (step, dates) =>
                        new PlanStepView(step, dates, Cautions.For(ground.Species.Hazard, step, ground.Route.Setting))
                    ),
                ],
                seeds,
                ground.Expect(own, ground.Route, PlanGround.ColdDays(ground.Route), seeds.Seeds),
                [
                    .. schedule.Options.Select(o => new OptionView(
                        o,
                        ground.Expect(own, ground.Route, o.Steps.Where(s => s.Kind == StepKind.ColdMoist).Sum(s => s.Days), seeds.Seeds)
                    )),
                ],
                ground.Lot.Left,
                Math.Max(0, (seeds.Seeds ?? int.MaxValue) - ground.Lot.Left),
                ground.Route.Id,
                routes,
                ground.Outlook(ground.Route),
                [
                    .. PlanFrost.Of(books.Frost, books.Clock.Site?.Latitude ?? 0, ground.Species, ground.Route, schedule),
                    .. PlanFrost.AutumnBed(books.FrostDays, ground),
                    .. PlanFrost.Unknown(books.FrostDays, books.Clock.Site?.Latitude ?? 0, ground.Route, schedule),
                ],
                CellFillings.For(ground.Question(ground.Route)),
                routes.Single(r => r.RouteId == ground.Route.Id).Space,
                Second(ground, schedule, seeds),
                SowingDepth.For(ground.Species, books.Clock.Settings.DepthSchool),
                ground.Route.Origin ?? ground.Species.Origin,
                ground.Judged(ground.Route).Learned is { Own.Count: > 0 } learned ? LearnedView.Of(learned, null) : null
            )
            {
                SeedToFind = ground.SeedToFind,
                Flowers = ground.Flowers(schedule),
                Surface =
                    ground.Route.Setting == RouteSetting.WinterContainer && seeds.Seeds is { } sown
                        ? SurfaceRoom.Of(sown, ground.Containers, 10_000 * ContainerParameters.Of(ContainerPreset.Jug4).AreaM2)
                        : null,
                Late = PlanFrost.Late(books.FrostDays, ground.Route, schedule),
                Looks = Looks(ground, schedule, books.Clock.Settings.CheckSchool),
                ComesUp = ground
                    .Route.Steps.Zip(schedule.Steps)
                    .Where(s => s.First.Kind == StepKind.Germinate)
                    .Select(s => ComesUp.Of(s.Second.Start.Usual, s.First, ground))
                    .FirstOrDefault(),
            }
        );
    }

    /// <summary>As the batch would be looked at if it were made as usual.</summary>
    private static IReadOnlyList<DateOnly> Looks(PlanGround ground, Schedule schedule, CheckSchool school) =>
        BatchPlanner.Confirm(ground.Route, ground.AnchorOf(ground.Route), schedule, PlanChoice.Usual, 1, 1) is { } plan
            ? LookDates.Ahead(plan, BatchFold.Run(plan, []).Parts[0], ground.Species, school, plan.Start)
            : [];

    private static RouteOutlook Beside(
        Core.Treatments.Route route,
        PlanGround ground,
        PlanBooks books,
        IReadOnlyList<OwnResult> own,
        IReadOnlyList<SpaceTaken> taken,
        Room room
    )
    {
        var schedule = ground.Schedule(route);
        var seeds = ground.Seeds(route);
        return new(
            route.Id,
            route.Name,
            route.Setting,
            schedule.Start,
            schedule.Finish,
            schedule.Feasible,
            schedule.ShortfallDays,
            TreatmentTime.BeforeSowing(route),
            seeds.Seeds,
            ground.Expect(own, route, PlanGround.ColdDays(route), seeds.Seeds),
            RouteRisk.Of(
                route,
                ground.Species,
                PlanFrost.Of(books.Frost, books.Clock.Site?.Latitude ?? 0, ground.Species, route, schedule)
            ),
            ShelfSpace.Check(ground.Space(route, schedule, seeds, room), taken, room.Capacity)
        );
    }

    private static Anchor Weeks(Anchor anchor, int later) => anchor with { Date = anchor.Date.AddDays(7 * later) };

    private static SecondSowingView? Second(PlanGround ground, Schedule first, SeedsNeededResult seeds)
    {
        if (ground.Request.Second is not { } second || Math.Min(seeds.Seeds ?? ground.Lot.Left, ground.Lot.Left) is not (>= 2 and var all))
            return null;
        var later = ground.Schedule(ground.Route, Weeks(ground.AnchorOf(ground.Route), second.WeeksLater));
        var (now, then) = (first.Laid(), later.Laid());
        return new(
            now[0].Start,
            then[0].Start,
            now[^1].End,
            then[^1].End,
            TwoSowings.Divide(ground.Question(ground.Route), all, second.FirstShare ?? 0.5)
        );
    }
}
