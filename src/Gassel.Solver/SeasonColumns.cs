using Gassel.Core.Planning;

namespace Gassel.Solver;

/// <summary>The season as columns, a day on which a wish may start each, and rows, a day on which a place may fill each.</summary>
internal sealed class SeasonColumns
{
    private readonly Dictionary<string, int> _places;

    public SeasonColumns(SeasonProblem problem)
    {
        Problem = problem;
        _places = problem.Places.Select((p, i) => (p.Id, i)).ToDictionary(p => p.Id, p => p.i);
        Zero = problem.Wishes.Select(w => w.Earliest).Append(DateOnly.MaxValue).Min();
        Columns =
        [
            .. from wish in Enumerable.Range(0, problem.Wishes.Count)
            let w = problem.Wishes[wish]
            from day in Enumerable.Range(w.Earliest.DayNumber - Zero.DayNumber, w.Latest.DayNumber - w.Earliest.DayNumber + 1)
            select new Column(wish, day, w.Cost(Zero.AddDays(day))),
        ];
        Taken = [.. problem.Places.Select(_ => new SortedDictionary<int, int>())];
        foreach (var t in problem.Taken)
        {
            Change(Taken[_places[t.Place]], t.From.DayNumber - Zero.DayNumber, t.Units);
            Change(Taken[_places[t.Place]], t.To.DayNumber - Zero.DayNumber, -t.Units);
        }
    }

    public SeasonProblem Problem { get; }

    /// <summary>Day 0.</summary>
    public DateOnly Zero { get; }

    public IReadOnlyList<Column> Columns { get; }

    /// <summary>By place: what the taken room changes by, day by day.</summary>
    public IReadOnlyList<SortedDictionary<int, int>> Taken { get; }

    /// <summary>What a column changes of a place's load, and when: up as a step begins, down as it ends.</summary>
    public IEnumerable<(int Place, int Day, int By)> Changes(Column column)
    {
        var day = column.Day;
        foreach (var step in Problem.Wishes[column.Wish].Steps)
        {
            yield return (_places[step.Place], day, step.Room);
            day += step.Days;
            yield return (_places[step.Place], day, -step.Room);
        }
    }

    /// <summary>Room left by what stands there anyway, on the day and after, until it changes.</summary>
    public int FreeAt(int place, int day) => Problem.Places[place].Room - Taken[place].TakeWhile(c => c.Key <= day).Sum(c => c.Value);

    private static void Change(SortedDictionary<int, int> days, int day, int by) => days[day] = days.GetValueOrDefault(day) + by;
}
