using Gassel.Core.Climate;
using Gassel.Core.Due;
using Gassel.Core.Fold;
using Gassel.Core.Planning;
using Gassel.Core.Record;
using Gassel.Data;
using Gassel.Web.Features.Batches;
using Gassel.Web.Features.Book;
using Gassel.Web.Features.Plants;
using Gassel.Web.Features.Site;
using Gassel.Web.Features.Yard;
using Gassel.Web.Runtime;

namespace Gassel.Web.Features.Season;

internal static class SeasonEndpoints
{
    /// <summary>So far ahead room is looked at, days.</summary>
    private const int Ahead = 300;

    public static void MapSeason(this RouteGroupBuilder api) => api.MapGet("/season", Whole);

    private static async Task<SeasonView> Whole(
        Library library,
        OutdoorBatches shelf,
        WeatherBook weather,
        PlantOutlook plants,
        SetAside aside,
        SiteClock clock
    )
    {
        var today = clock.Today;
        var latitude = clock.Site?.Latitude ?? 0;
        var (from, to) = Winters.Shown(today, latitude < 0);
        var species = (await library.Species()).ToDictionary(s => s.Id);
        var (room, practices) = (await Room.At(library), plants.Practices());
        var batches = await shelf.All();
        var rows = aside
            .Each(batches, b => Row(b, species[b.Row.SpeciesId], room.Kinds, practices[species[b.Row.SpeciesId].Hardiness], today))
            .Where(r => r.Ribbon[^1].End >= from)
            .OrderBy(r => r.Ribbon[0].Start)
            .ThenBy(r => r.Number)
            .ToList();

        var taken = aside.Each(batches, b => (Batch: b, Taken: ShelfSpace.Of(b.Plan, b.State, room.Kinds, today, room.Near))).ToList();
        var movable = taken
            .Where(t => !t.Batch.State.Started)
            .Select(t => Movable(t.Batch, species[t.Batch.Row.SpeciesId].CommonName, t.Taken, today))
            .ToList();
        var space = SpaceOverTime.For(
            [.. ShelfSpace.Together([.. taken.SelectMany(t => t.Taken)])],
            room.Capacity,
            movable,
            today,
            today.AddDays(Ahead)
        );
        return new(today, from, to, rows, space, Frost(SiteFrost.Outlook(clock, weather)?.Frost, from, to, latitude));
    }

    private static SeasonRow Row(
        ShelvedBatch batch,
        Core.Treatments.Species species,
        Dictionary<string, PlaceKind> kinds,
        DuePractice practice,
        DateOnly today
    )
    {
        var (plan, state) = (batch.Plan, batch.State);
        var main = BatchViews.MainPart(state);
        var done = main.IsDone(plan);
        var outlook = done ? null : Replan.For(plan, main, today);
        var late = DueWork.For(plan, state, species, today, practice).Select(d => d.LateDays).DefaultIfEmpty(0).Max();
        return new(
            batch.Row.Id,
            batch.Row.Number,
            species.Id,
            species.CommonName,
            species.Hazard,
            main.Place is { } at && kinds.TryGetValue(at, out var kind) ? kind : null,
            state.Living.Count(),
            late,
            outlook?.LateDays ?? 0,
            outlook?.InReach ?? true,
            plan.Anchor.Date,
            state.Started ? null : new(plan.EarliestStart, plan.LatestStart),
            [.. Ribbon.For(plan, main, today).Select(s => new SeasonStretch(s.Kind, s.Start, s.End, s.Time, s.PlannedStart, s.PlannedEnd))]
        );
    }

    private static MovableBatch Movable(ShelvedBatch batch, string name, IReadOnlyList<SpaceTaken> taken, DateOnly today)
    {
        var start = batch.Plan.Start > today ? batch.Plan.Start : today;
        var earliest = batch.Plan.EarliestStart > today ? batch.Plan.EarliestStart : today;
        return new(
            $"B-{batch.Row.Number} {name}",
            taken,
            start,
            Math.Max(0, start.DayNumber - earliest.DayNumber),
            Math.Max(0, batch.Plan.LatestStart.DayNumber - start.DayNumber)
        );
    }

    private static List<FrostDayShare> Frost(FrostResult? frost, DateOnly from, DateOnly to, double latitude)
    {
        if (frost is null)
            return [];
        var days = new List<FrostDayShare>();
        for (var day = from; day < to; day = day.AddDays(7))
        {
            if (FrostWords.Share(frost, day, latitude) is { } share)
                days.Add(new(day, share));
        }
        return days;
    }
}
