using Gassel.Core.Record;

namespace Gassel.Core.Planning;

/// <summary>Room along a season, the days it is not enough, and which start would have to move.</summary>
public static class SpaceOverTime
{
    /// <param name="taken">Of all batches, the movable ones included.</param>
    public static IReadOnlyList<PlaceOverTime> For(
        IReadOnlyList<SpaceTaken> taken,
        IReadOnlyDictionary<PlaceKind, int> capacity,
        IReadOnlyList<MovableBatch> movable,
        DateOnly from,
        DateOnly to
    ) =>
        [
            .. Enum.GetValues<PlaceKind>()
                .Select(place =>
                {
                    var here = taken.Where(t => t.Place == place).ToList();
                    int? room = capacity.TryGetValue(place, out var fits) ? fits : null;
                    var stretches = Stretches(here, from, to);
                    var over = room is { } most ? stretches.Where(s => s.Taken > most).ToList() : [];
                    return new PlaceOverTime(
                        place,
                        ShelfSpace.Unit(place),
                        room,
                        stretches,
                        over,
                        over.Count == 0 ? null : Suggest(place, room!.Value, here, over, movable)
                    );
                }),
        ];

    /// <summary>A staircase without equal neighbours.</summary>
    public static IReadOnlyList<SpaceStretch> Stretches(IReadOnlyList<SpaceTaken> taken, DateOnly from, DateOnly to)
    {
        var changes = new SortedDictionary<DateOnly, int>();
        void Change(DateOnly day, int by) => changes[day] = changes.GetValueOrDefault(day) + by;
        foreach (var t in taken.Where(t => t.To > from && t.From < to))
        {
            Change(t.From < from ? from : t.From, t.Units);
            if (t.To < to)
                Change(t.To, -t.Units);
        }
        var stretches = new List<SpaceStretch>();
        var (begin, now) = (from, 0);
        foreach (var (day, by) in changes)
        {
            if (by == 0)
                continue;
            if (day > begin)
                stretches.Add(new(begin, day, now));
            (begin, now) = (day, now + by);
        }
        if (begin < to)
            stretches.Add(new(begin, to, now));
        return stretches;
    }

    private static string Suggest(
        PlaceKind place,
        int room,
        List<SpaceTaken> here,
        List<SpaceStretch> all,
        IReadOnlyList<MovableBatch> movable
    )
    {
        var (over, first) = (all[0], all.Count == 1);
        var horizon = over.From.AddYears(2);
        // the least move that takes a batch off the days in question: to begin when they end, or to be gone when they begin
        foreach (
            var (batch, by) in movable
                .SelectMany(m =>
                    m.Taken.Where(t => t.Place == place && t.From < over.To && over.From < t.To)
                        .SelectMany(t => new[] { over.To.DayNumber - t.From.DayNumber, over.From.DayNumber - t.To.DayNumber })
                        .Where(d => d <= m.LatestBy && -d <= m.EarliestBy)
                        .Select(d => (m, d))
                )
                .OrderBy(c => Math.Abs(c.d))
        )
        {
            var own = batch.Taken.Where(t => t.Place == place).ToList();
            var others = here.ToList();
            foreach (var t in own)
                others.Remove(t);
            var shifted = others.Concat(own.Select(t => t with { From = t.From.AddDays(by), To = t.To.AddDays(by) })).ToList();
            if (
                Stretches(shifted, over.From, over.To).All(s => s.Taken <= room)
                && Worst(shifted, over.From, horizon) <= Math.Max(room, Worst(here, over.To, horizon))
            )
            {
                return Text.Of(
                    $"{batch.Name} begun on {Quantity.Day(batch.Start.AddDays(by))}, still in its window, would solve "
                        + $"{(first ? "it" : "the first of these")}."
                );
            }
        }
        return Text.Of(
            $"No later start solves it: make room for {over.Taken - room} more {ShelfSpace.Unit(place)} from "
                + $"{Quantity.Day(over.From)}."
        );
    }

    private static int Worst(List<SpaceTaken> taken, DateOnly from, DateOnly to) =>
        Stretches(taken, from, to).Select(s => s.Taken).DefaultIfEmpty(0).Max();
}
