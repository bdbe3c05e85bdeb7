using Gassel.Core;
using Gassel.Core.Climate;
using Gassel.Core.Planning;
using Gassel.Core.Record;
using Gassel.Core.Treatments;
using Gassel.Core.Yard;
using Gassel.Data;
using Gassel.Web.Features.Book;
using Gassel.Web.Features.Plan;
using Gassel.Web.Features.Site;
using Gassel.Web.Features.Yard;
using Gassel.Web.Problems;

namespace Gassel.Web.Features.Wishes;

/// <summary>A wish planned on its own, as Plan would plan it.</summary>
internal sealed record WishGround(KeptWish Kept, PlanGround? Ground, Refusal? Refusal)
{
    public static async Task<WishGround> Of(KeptWish kept, PlanBooks books, SetOutDays winters, OutdoorNeeds.Now asked)
    {
        var wish = kept.Wish;
        var frost = books.FrostDays;
        var request = new PlanRequest(wish.SpeciesId, wish.LotId, wish.Plants, AnchorEvent.PlantOut, wish.RouteId);
        var today = books.Clock.Today;
        var isSouth = books.Clock.Site?.Latitude < 0;
        switch (wish.When.Kind)
        {
            case WishWhenKind.OnDay:
                request = request with { Date = wish.When.Day };
                break;
            case WishWhenKind.Autumn:
                if (frost.FirstOrDefault(d => d.Kind == FrostDayKind.GroundFreeze) is not { } freeze)
                {
                    return new(
                        kept,
                        null,
                        new("when", "When the ground freezes is not known; enter it on Site, or wish for a day instead.")
                    );
                }
                request = request with { GroundFreeze = In(freeze.MonthDay, wish.When.Year, today) };
                break;
            default:
                if (frost.FirstOrDefault(d => d.Kind == FrostDayKind.LastFrostUsual) is not { } last)
                    return new(kept, null, new("when", "The last frost is not known; set up the site first, or wish for a day instead."));
                request = request with { LastFrost = In(last.MonthDay, wish.When.Year, today), WeeksFromLastFrost = wish.When.Weeks };
                break;
        }
        var (ground, refusal) = await PlanGround.Stand(request, books);
        if (ground is null || wish.RouteId is not null)
            return new(kept, ground, refusal) { IsSouth = isSouth, SetOut = Told(ground?.Route) };
        var suited = Suited(ground, isSouth, Told);
        return new(kept, ground with { Route = suited }, null) { IsSouth = isSouth, SetOut = Told(suited) };

        SetOutResult? Told(Core.Treatments.Route? route) =>
            route is { Setting: RouteSetting.WinterContainer } ? winters.Of(ground!.Species, route, asked) : null;
    }

    /// <summary>
    /// Of the routes that reach the day, the one whose own batches came up best; without own batches the first of the species. Where none
    /// reaches it, the one that lacks the fewest days.
    /// </summary>
    private static Core.Treatments.Route Suited(PlanGround ground, bool isSouth, Func<Core.Treatments.Route, SetOutResult?> told)
    {
        var own = ground.Finished.Select(f => f.Result).Where(r => r.SpeciesId == ground.Species.Id).ToList();
        return ground
            .Species.Routes.Select((route, at) => (Route: route, At: at, ShortfallDays: Lacking(ground, route, isSouth, told)))
            .OrderBy(r => r.ShortfallDays)
            .ThenByDescending(r =>
                own.Where(o => o.RouteId == r.Route.Id).ToList() is { Count: > 0 } like
                    ? (double)like.Sum(o => o.Germinated) / like.Sum(o => o.Seeds)
                : r.At == 0 ? 0.5
                : 0
            )
            .ThenBy(r => r.At)
            .First()
            .Route;
    }

    /// <summary>Days by which a route misses the day wanted. A container counts from midwinter, not back from that day.</summary>
    private static int Lacking(
        PlanGround ground,
        Core.Treatments.Route route,
        bool isSouth,
        Func<Core.Treatments.Route, SetOutResult?> told
    )
    {
        if (route.Setting != RouteSetting.WinterContainer)
            return ground.Schedule(route).ShortfallDays;
        var ready = ground.Schedule(route, new(AnchorEvent.Start, InWinter(ground, route, isSouth, told(route)).Usual)).Finish.Usual;
        return Math.Max(0, ready.DayNumber - ground.Anchor.Date.DayNumber);
    }

    /// <summary>Days on which a route begins whose container then goes out in winter.</summary>
    private static DateWindow InWinter(PlanGround ground, Core.Treatments.Route route, bool isSouth, SetOutResult? told)
    {
        var before = route
            .Steps.TakeWhile(s => s.Kind is not (StepKind.WarmMoist or StepKind.ColdMoist or StepKind.Germinate))
            .Sum(s => s.Days.Usual);
        var days = told?.SafeWindow ?? told?.Window;
        var outside = ContainerSeason.Before(
            ground.Anchor.Date,
            ground.Today.AddDays(before),
            isSouth,
            days is { } d ? (d.Earliest, d.Latest) : null
        );
        return new(outside.Earliest.AddDays(-before), outside.Usual.AddDays(-before), outside.Latest.AddDays(-before));
    }

    private static DateOnly In(string monthDay, int? year, DateOnly today) =>
        year is { } of ? YearDay.In(monthDay, of) : YearDay.Next(monthDay, today);

    /// <summary>A start may wait so long at least, be it late already (our assumption).</summary>
    private const int StillGoodDays = 21;

    /// <summary>The site is south of the equator.</summary>
    private bool IsSouth { get; init; }

    /// <summary>What the winters on record say of its container; null where it needs none, or they say nothing.</summary>
    private SetOutResult? SetOut { get; init; }

    /// <summary>Why its days are those; null for a route without a winter container.</summary>
    public string? Outdoors
    {
        get
        {
            if (Ground is null || Route.Setting != RouteSetting.WinterContainer)
                return null;
            if (SetOut is null)
                return "Set out around midwinter; not checked against winters on record.";
            var isOver = Start.Latest == Ground.Today && (SetOut.SafeWindow ?? SetOut.Window)?.Latest < Ground.Today;
            return SetOut.WindowWords + (isOver ? " Those days are over for this winter: the sooner the better." : "");
        }
    }

    private Core.Treatments.Route Route => Ground!.Route;

    /// <summary>Days on which its first step may start; the best of them in the middle.</summary>
    public DateWindow Start
    {
        get
        {
            if (Route.Setting == RouteSetting.WinterContainer)
                return InWinter(Ground!, Route, IsSouth, SetOut);
            var (start, today) = (Ground!.Schedule(Route).Start, Ground.Today);
            var best = Days.Later(start.Usual, today);
            return new(Days.Earlier(best, Days.Later(start.Earliest, today)), best, Days.Later(best.AddDays(StillGoodDays), start.Latest));
        }
    }

    /// <summary>Day on which it is to start: the one pinned, else the best.</summary>
    public DateOnly Best => Kept.Wish.Pinned ?? Start.Usual;

    /// <summary>Begun on that day, with the usual days of each step.</summary>
    public Schedule From(DateOnly start) => Ground!.Schedule(Route, new(AnchorEvent.Start, start));

    /// <summary>Its steps with their usual days, begun on that day.</summary>
    public IReadOnlyList<WishStep> Steps(DateOnly start) =>
        [.. Route.Steps.Zip(From(start).Steps, (step, days) => new WishStep(step.Kind, days.Start.Usual, days.End.Usual))];

    public DateOnly Ready(DateOnly start) => From(start).Finish.Usual;

    /// <summary>By how much plants begun on that day come too late; null where they come in time.</summary>
    public string? Late(DateOnly start)
    {
        var (ready, wanted) = (Ready(start), Ground!.Anchor.Date);
        var days = ready.DayNumber - wanted.DayNumber;
        return days > 0 ? Text.Of($"{days} {(days == 1 ? "day" : "days")} after the day wanted, {Quantity.Day(wanted)}.") : null;
    }

    public SeedsNeededResult Seeds => Ground!.Seeds(Route);

    /// <summary>What it takes where, begun on that day.</summary>
    public IReadOnlyList<SpaceTaken> Taken(Room room, DateOnly start) =>
        [.. Ground!.Space(Route, From(start), Seeds, room).OrderBy(t => t.From)];
}
