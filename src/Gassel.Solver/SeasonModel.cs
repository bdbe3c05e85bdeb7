using System.Globalization;
using Google.OrTools.Sat;

namespace Gassel.Solver;

/// <summary>The season as whole decisions: each wish starts on one of its days or is left out; no place holds more than its room.</summary>
internal static class SeasonModel
{
    /// <param name="columns">Starts to choose among, by index.</param>
    /// <param name="known">A plan that is known; a better one is looked for.</param>
    /// <returns>The best plan found, and what none among these starts costs less than.</returns>
    public static (SeasonPlan Plan, long Least) Solve(
        SeasonColumns season,
        IReadOnlyList<int> columns,
        SeasonPlan known,
        TimeSpan time,
        CancellationToken cancel
    )
    {
        var model = new CpModel();
        var cost = LinearExpr.NewBuilder();
        var wishes = season.Problem.Wishes;
        var ways = wishes
            .Select(w =>
            {
                var leftOut = model.NewBoolVar("");
                cost.AddTerm(leftOut, w.Cost(null));
                model.AddHint(leftOut, known.Starts[w.Id] is null ? 1 : 0);
                return new List<BoolVar> { leftOut };
            })
            .ToList();
        var starts = new List<(Column Column, BoolVar Is)>(columns.Count);
        foreach (var column in columns.Select(c => season.Columns[c]))
        {
            var starting = model.NewBoolVar("");
            cost.AddTerm(starting, column.Cost);
            model.AddHint(starting, known.Starts[wishes[column.Wish].Id] == season.Zero.AddDays(column.Day) ? 1 : 0);
            ways[column.Wish].Add(starting);
            starts.Add((column, starting));
        }
        foreach (var way in ways)
            model.AddExactlyOne(way);
        for (var place = 0; place < season.Problem.Places.Count; place++)
            Fill(model, season, place, starts);
        model.Minimize(cost);
        var workers = season.Columns.Count <= ForOneWorker ? 1 : Workers;
        var solver = new CpSolver
        {
            StringParameters = string.Create(
                CultureInfo.InvariantCulture,
                $"max_time_in_seconds:{time.TotalSeconds:0.###},num_workers:{workers},random_seed:1,linearization_level:2"
            ),
        };
        using var calledOff = cancel.Register(solver.StopSearch);
        var status = solver.Solve(model);
        if (status is not (CpSolverStatus.Optimal or CpSolverStatus.Feasible))
            return (known, 0);
        var plan = wishes.ToDictionary(w => w.Id, _ => (DateOnly?)null);
        foreach (var (column, starting) in starts)
        {
            if (solver.BooleanValue(starting))
                plan[wishes[column.Wish].Id] = season.Zero.AddDays(column.Day);
        }
        return (new(plan, wishes.Sum(w => w.Cost(plan[w.Id]))), (long)Math.Ceiling(solver.BestObjectiveBound - 1e-4));
    }

    /// <summary>
    /// Up to so many starts one worker is enough, and the same question gets the same answer; above it several look at once, and of plans
    /// as good one or another may come.
    /// </summary>
    private const int ForOneWorker = 6000;

    private const int Workers = 4;

    /// <summary>
    /// A place is fullest on a day on which something comes: only those days need a row. Of two that hold the same starts one is enough.
    /// </summary>
    private static void Fill(CpModel model, SeasonColumns season, int place, List<(Column Column, BoolVar Is)> starts)
    {
        var stays = new List<(int From, int To, int Room, BoolVar Is)>();
        foreach (var (column, starting) in starts)
        {
            (int Day, int By)? from = null;
            foreach (var (at, day, by) in season.Changes(column))
            {
                if (at != place)
                    continue;
                if (from is { } begun)
                {
                    stays.Add((begun.Day, day, begun.By, starting));
                    from = null;
                }
                else
                {
                    from = (day, by);
                }
            }
        }
        foreach (var day in stays.Select(s => s.From).Concat(season.Taken[place].Keys).Distinct())
        {
            var here = stays.Where(s => s.From <= day && day < s.To).ToList();
            var free = Math.Max(0, season.FreeAt(place, day));
            if (here.Sum(s => (long)s.Room) <= free)
                continue;
            var load = LinearExpr.NewBuilder();
            foreach (var stay in here)
                load.AddTerm(stay.Is, stay.Room);
            model.Add(load <= free);
        }
    }
}
