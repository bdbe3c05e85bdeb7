namespace Gassel.Core.Planning;

/// <summary>Room along the days of a season, once starts are known.</summary>
public sealed class SeasonLoads
{
    /// <summary>Days that hold more of their room than this are told.</summary>
    private const double Told = 0.8;

    private readonly Dictionary<string, SortedDictionary<DateOnly, int>> _used = [];
    private readonly SeasonProblem _problem;
    private readonly IReadOnlyDictionary<string, DateOnly?> _starts;

    /// <param name="starts">First day by id of the wish; null for one that is left out.</param>
    public SeasonLoads(SeasonProblem problem, IReadOnlyDictionary<string, DateOnly?> starts)
    {
        (_problem, _starts) = (problem, starts);
        foreach (var place in problem.Places)
            _used[place.Id] = [];
        foreach (var taken in problem.Taken)
            Add(taken.Place, taken.From, taken.To, taken.Units);
        foreach (var wish in problem.Wishes)
        {
            if (starts[wish.Id] is not { } start)
                continue;
            foreach (var (place, room, from, to) in wish.From(start))
                Add(place, from, to, room);
        }
    }

    /// <summary>Units by day; days without any are not in it.</summary>
    public IReadOnlyDictionary<DateOnly, int> Of(string place) => _used[place];

    /// <summary>Days above four fifths of their room, by place and day.</summary>
    public IReadOnlyList<SeasonLoad> High() =>
        [
            .. from place in _problem.Places
            from day in _used[place.Id]
            where day.Value > Told * place.Room
            select new SeasonLoad(place.Id, day.Key, day.Value),
        ];

    /// <summary>
    /// Of all that do not start on their best day: the days and places where there they would have found no room. Days in a row are told
    /// together.
    /// </summary>
    public IReadOnlyList<SeasonBinding> Binding()
    {
        var waits = new Dictionary<(string Place, DateOnly Day), (int Lacking, List<string> Wishes)>();
        foreach (var wish in _problem.Wishes.Where(w => _starts[w.Id] != w.Target))
        {
            foreach (var (place, room, day) in Days(wish, wish.Target))
            {
                var free = Room(place) - _used[place].GetValueOrDefault(day) + Own(wish, place, day);
                if (room <= free)
                    continue;
                var (lacking, wishes) = waits.GetValueOrDefault((place, day), (-free, []));
                wishes.Add(wish.Id);
                waits[(place, day)] = (lacking + room, wishes);
            }
        }
        return
        [
            .. from place in _problem.Places
            from run in Runs([.. waits.Keys.Where(k => k.Place == place.Id).Select(k => k.Day).Order()])
            let days = Enumerable.Range(0, run.To.DayNumber - run.From.DayNumber + 1).Select(n => waits[(place.Id, run.From.AddDays(n))])
            select new SeasonBinding(place.Id, run.From, run.To, days.Max(d => d.Lacking), [.. days.SelectMany(d => d.Wishes).Distinct()]),
        ];
    }

    private int Room(string place) => _problem.Places.First(p => p.Id == place).Room;

    /// <summary>What it takes there itself as it was placed.</summary>
    private int Own(SeasonWish wish, string place, DateOnly day) =>
        _starts[wish.Id] is { } start ? wish.From(start).Where(s => s.Place == place && s.From <= day && day < s.To).Sum(s => s.Room) : 0;

    private static IEnumerable<(string Place, int Room, DateOnly Day)> Days(SeasonWish wish, DateOnly start) =>
        from stay in wish.From(start)
        from n in Enumerable.Range(0, stay.To.DayNumber - stay.From.DayNumber)
        select (stay.Place, stay.Room, stay.From.AddDays(n));

    private static IEnumerable<(DateOnly From, DateOnly To)> Runs(IReadOnlyList<DateOnly> days)
    {
        for (var i = 0; i < days.Count; )
        {
            var from = i;
            while (i + 1 < days.Count && days[i + 1] == days[i].AddDays(1))
                i++;
            yield return (days[from], days[i]);
            i++;
        }
    }

    private void Add(string place, DateOnly from, DateOnly to, int units)
    {
        var days = _used[place];
        for (var day = from; day < to; day = day.AddDays(1))
            days[day] = days.GetValueOrDefault(day) + units;
    }
}
