using Gassel.Core;
using Gassel.Core.Planning;
using Gassel.Core.Record;
using Gassel.Core.Treatments;
using Gassel.Web.Features.Book;

namespace Gassel.Web.Features.Wishes;

/// <summary>The wishes as a question to the solver, and its answer in words.</summary>
internal sealed class WishSeasons
{
    /// <summary>Room of a place of which nobody said how much it holds.</summary>
    private const int Endless = 1_000_000;

    private readonly List<WishGround> _wishes;
    private readonly Room _room;
    private readonly Dictionary<Guid, IReadOnlyList<SpaceTaken>> _taken;

    private WishSeasons(List<WishGround> wishes, Room room, IReadOnlyList<SpaceTaken> others)
    {
        (_wishes, _room) = (wishes, room);
        _taken = wishes.ToDictionary(w => w.Kept.Id, w => w.Taken(room, w.Best));
        Problem = new(
            [.. Enum.GetValues<PlaceKind>().Select(k => new SeasonPlace(k.ToString(), room.Capacity.GetValueOrDefault(k, Endless)))],
            [.. wishes.Where(w => _taken[w.Kept.Id].Count > 0).Select(Asked)],
            [.. others.Select(t => new SeasonTaken(t.Place.ToString(), t.From, t.To, t.Units))]
        );
    }

    public SeasonProblem Problem { get; }

    /// <summary>Of all wishes that can be planned and are not set aside.</summary>
    public static async Task<WishSeasons> Of(WishGrounds wishes)
    {
        var room = await Room.At(wishes.Plan.Library);
        var others = room.Taken(await wishes.Plan.Shelf.All(), wishes.Plan.Clock.Today);
        return new([.. (await wishes.All()).Where(w => w is { Ground: not null, Kept.Wish.IsAside: false })], room, others);
    }

    private SeasonWish Asked(WishGround wish)
    {
        var stays = _taken[wish.Kept.Id];
        var (start, pinned) = (wish.Start, wish.Kept.Wish.Pinned);
        // steps of no day before the first stay: the stays begin so much later than the wish
        var later = stays[0].From.DayNumber - wish.Best.DayNumber;
        return new(
            wish.Kept.Id.ToString(),
            [.. stays.Select(s => new SeasonStep(s.Place.ToString(), s.Units, s.To.DayNumber - s.From.DayNumber))],
            stays[0].From,
            (pinned ?? start.Earliest).AddDays(later),
            (pinned ?? start.Latest).AddDays(later),
            wish.Kept.Wish.Priority
        );
    }

    public WishSeason Told(SeasonAnswer answer)
    {
        var starts = _wishes.Select(w => Start(w, answer)).ToList();
        var (left, moved) = (starts.Count(s => s.On is null), starts.Count(s => s.On is not null && s.MovedDays != 0));
        var late = starts.Count(s => s.Late is not null);
        var sure = answer.Optimal ? "No plan moves them less." : "Not proven to be the best plan; looking again may find a better one.";
        return new(
            starts,
            Text.Of(
                $"{starts.Count - left - moved} on the best day, {moved} moved, {left} without room; {late} ready later than wanted. {sure}"
            ),
            [.. answer.Binding.Select(Full)],
            Unknown(),
            Loads(answer),
            answer.Cost,
            answer.Bound,
            answer.Optimal
        );
    }

    private WishStart Start(WishGround wish, SeasonAnswer answer)
    {
        var best = wish.Best;
        if (_taken[wish.Kept.Id] is not { Count: > 0 } stays)
            return new(wish.Kept.Id, best, 0, wish.Ready(best), wish.Late(best), "Takes no room that is known.");
        if (answer.Starts[wish.Kept.Id.ToString()] is not { } first)
        {
            var days = wish.Kept.Wish.Pinned is { } pinned
                ? $"on {Quantity.Day(pinned)}, where it is pinned"
                : $"on any day from {Quantity.Day(wish.Start.Earliest)} to {Quantity.Day(wish.Start.Latest)}";
            var outdoors = wish.Ground!.Species.Routes.FirstOrDefault(r => r.Setting == RouteSetting.WinterContainer);
            var instead = wish.Ground.Route.IsOutdoors || outdoors is null ? "" : $", take the route “{outdoors.Name}”";
            return new(
                wish.Kept.Id,
                null,
                0,
                null,
                null,
                $"No room {days}: make more room, want fewer plants{instead}, or set another wish aside."
            );
        }
        var moved = first.DayNumber - stays[0].From.DayNumber;
        var on = best.AddDays(moved);
        return new(
            wish.Kept.Id,
            on,
            moved,
            wish.Ready(on),
            wish.Late(on),
            moved == 0
                ? "On its best day."
                : Text.Of($"{Math.Abs(moved)} {(Math.Abs(moved) == 1 ? "day" : "days")} {(moved < 0 ? "earlier" : "later")} than best.")
        );
    }

    private WishFull Full(SeasonBinding binding)
    {
        var kind = Enum.Parse<PlaceKind>(binding.Place);
        List<int> waiting = [.. _wishes.Where(w => binding.Wishes.Contains(w.Kept.Id.ToString())).Select(w => w.Kept.Number)];
        var name = Name(kind);
        return new(
            name,
            binding.From,
            binding.To,
            waiting,
            Text.Of(
                $"{name} is full {Quantity.Day(binding.From)} to {Quantity.Day(binding.To)}: room for {binding.Lacking} more "
                    + $"{ShelfSpace.Units(kind, binding.Lacking)} then would let "
                    + $"{Named(waiting)} start on the best day."
            )
        );
    }

    /// <summary>Where room was taken as endless because nobody said how much there is; null where all is known.</summary>
    private string? Unknown()
    {
        var names = _taken.Values.SelectMany(t => t).Select(t => t.Place).Distinct().Where(p => !_room.Capacity.ContainsKey(p)).Order();
        return string.Join("; ", names.Select(Name)) is { Length: > 0 } places
            ? $"Not checked, because the room there is not entered: {places}."
            : null;
    }

    /// <summary>So many are named; nobody reads more.</summary>
    private const int MostNamed = 6;

    private static string Named(List<int> wishes)
    {
        var named = string.Join(", ", wishes.Take(MostNamed).Select(n => Text.Of($"W-{n}")));
        return wishes.Count > MostNamed ? Text.Of($"{named} and {wishes.Count - MostNamed} more") : named;
    }

    /// <summary>Names of the places of a kind; a name may hold a comma.</summary>
    private string Name(PlaceKind kind) =>
        string.Join("; ", _room.Places.Where(p => p.Kind == kind && p.RetiredOn is null).Select(p => p.Name)) is { Length: > 0 } names
            ? names
            : Text.Capital(kind.Words());

    /// <summary>The same where there is little room: the first of them and how many more.</summary>
    private string Short(PlaceKind kind)
    {
        var names = _room.Places.Where(p => p.Kind == kind && p.RetiredOn is null).Select(p => p.Name).ToList();
        return names.Count > 1 ? Text.Of($"{names[0]} and {names.Count - 1} more") : Name(kind);
    }

    private List<WishLoad> Loads(SeasonAnswer answer)
    {
        var loads = new SeasonLoads(Problem, answer.Starts);
        var days = Problem.Wishes.Where(w => answer.Starts[w.Id] is not null).SelectMany(w => w.From(answer.Starts[w.Id]!.Value)).ToList();
        if (days.Count == 0)
            return [];
        var (first, end) = (days.Min(d => d.From), days.Max(d => d.To));
        return
        [
            .. from place in _room.Capacity
            let used = loads.Of(place.Key.ToString())
            where used.Count > 0
            orderby place.Key
            let stretches = Stretches(used, first, end)
            select new WishLoad(Short(place.Key), ShelfSpace.Unit(place.Key), place.Value, stretches.Max(s => s.Taken), stretches),
        ];
    }

    private static List<SpaceStretch> Stretches(IReadOnlyDictionary<DateOnly, int> used, DateOnly from, DateOnly to)
    {
        var stretches = new List<SpaceStretch>();
        for (var day = from; day < to; day = day.AddDays(1))
        {
            var now = used.GetValueOrDefault(day);
            if (stretches.Count > 0 && stretches[^1].Taken == now)
                stretches[^1] = stretches[^1] with { To = day.AddDays(1) };
            else
                stretches.Add(new(day, day.AddDays(1), now));
        }
        return stretches;
    }
}
