using Google.OrTools.LinearSolver;

namespace Gassel.Solver;

/// <summary>
/// The season with wishes that may start in part on one day and in part on another: a linear programme, quickly solved, whose cost no plan
/// can go below.
/// </summary>
/// <param name="Bound">Least cost.</param>
/// <param name="Values">Of each column, 0 to 1.</param>
/// <param name="Reduced">Of each column: by so much at least a plan that uses it costs more than the bound.</param>
internal sealed record SeasonRelaxation(double Bound, IReadOnlyList<double> Values, IReadOnlyList<double> Reduced)
{
    /// <summary>Null where it was not solved in time.</summary>
    public static SeasonRelaxation? Of(SeasonColumns season, TimeSpan time)
    {
        using var lp = Google.OrTools.LinearSolver.Solver.CreateSolver("GLOP");
        using var cost = lp.Objective();
        cost.SetMinimization();
        var rows = season
            .Problem.Wishes.Select(w =>
            {
                var row = lp.MakeConstraint(1, 1);
                var leftOut = lp.MakeNumVar(0, 1, "");
                row.SetCoefficient(leftOut, 1);
                cost.SetCoefficient(leftOut, w.Cost(null));
                return row;
            })
            .ToList();
        var changes = season.Problem.Places.Select(_ => new SortedDictionary<int, Dictionary<int, int>>()).ToList();
        var columns = new List<Variable>(season.Columns.Count);
        foreach (var column in season.Columns)
        {
            var starts = lp.MakeNumVar(0, 1, "");
            rows[column.Wish].SetCoefficient(starts, 1);
            cost.SetCoefficient(starts, column.Cost);
            foreach (var (place, day, by) in season.Changes(column))
            {
                if (!changes[place].TryGetValue(day, out var there))
                    changes[place][day] = there = [];
                there[columns.Count] = there.GetValueOrDefault(columns.Count) + by;
            }
            columns.Add(starts);
        }
        for (var place = 0; place < changes.Count; place++)
            Carry(lp, season, place, changes[place], columns);
        lp.SetTimeLimit((long)time.TotalMilliseconds);
        return lp.Solve() == Google.OrTools.LinearSolver.Solver.ResultStatus.OPTIMAL
            ? new(cost.Value(), [.. columns.Select(c => c.SolutionValue())], [.. columns.Select(c => c.ReducedCost())])
            : null;
    }

    /// <summary>A load is carried from one day on which it changes to the next: a stay is two numbers however long it is.</summary>
    private static void Carry(
        Google.OrTools.LinearSolver.Solver lp,
        SeasonColumns season,
        int place,
        SortedDictionary<int, Dictionary<int, int>> changes,
        List<Variable> columns
    )
    {
        Variable? before = null;
        var room = season.Problem.Places[place].Room;
        var taken = season.Taken[place];
        foreach (var day in changes.Keys.Concat(taken.Keys).Distinct().Order())
        {
            // what stands there anyway may be more than there is room for; then nothing more may come
            var most = Math.Max(room, taken.TakeWhile(c => c.Key <= day).Sum(c => c.Value));
            var load = lp.MakeNumVar(0, most, "");
            var here = taken.GetValueOrDefault(day);
            var row = lp.MakeConstraint(here, here);
            row.SetCoefficient(load, 1);
            if (before is not null)
                row.SetCoefficient(before, -1);
            foreach (var (column, by) in changes.GetValueOrDefault(day) ?? [])
                row.SetCoefficient(columns[column], -by);
            before = load;
        }
    }
}
