using Gassel.Core.Planning;

namespace Gassel.Solver;

/// <summary>
/// Many wishes on one set of shelves, by the constraint solver of OR-Tools (docs/decisions/0037). First the linear programme tells what no
/// plan can cost less than and which days are worth a look; the constraint solver betters a first plan among those; then every day is given
/// up that by the linear programme no better plan can use, and what is left is solved to the end. The same question gets the same answer as
/// long as the time allowed is not used up.
/// </summary>
public static class SeasonSolver
{
    /// <summary>Days beside those of the linear programme that the first look takes in.</summary>
    private const int Beside = 3;

    /// <summary>Share of the time that the first look gets at most.</summary>
    private const double FirstLook = 0.7;

    /// <summary>So many starts are looked at in one go at most.</summary>
    private const int MostStarts = 8000;

    /// <param name="time">At most; a proven plan comes sooner.</param>
    /// <exception cref="OperationCanceledException">It was called off.</exception>
    public static SeasonAnswer Solve(SeasonProblem problem, TimeSpan time, CancellationToken cancel = default)
    {
        var clock = System.Diagnostics.Stopwatch.StartNew();
        var season = new SeasonColumns(problem);
        var all = Enumerable.Range(0, season.Columns.Count).ToList();
        var relaxed = SeasonRelaxation.Of(season, time / 2);
        cancel.ThrowIfCancellationRequested();
        var bound = relaxed is null ? 0 : (long)Math.Ceiling(relaxed.Bound - 1e-4);
        var best = SeasonFirstFit.Of(problem);
        if (relaxed is not null)
        {
            Look(Near(season, relaxed, Beside), FirstLook * (time - clock.Elapsed));
            all = [.. all.Where(c => relaxed.Bound + relaxed.Reduced[c] < best.Cost - 1 + 1e-4)];
        }
        // too many to look at all: then those around the first ones, which proves nothing
        if (relaxed is not null && all.Count > MostStarts)
            Look(Near(season, relaxed, 3 * Beside), time - clock.Elapsed);
        else if (Look(all, time - clock.Elapsed) is { } proven)
            bound = Math.Max(bound, proven);
        var loads = new SeasonLoads(problem, best.Starts);
        return new(best.Starts, best.Cost, Math.Min(bound, best.Cost), bound >= best.Cost, loads.High(), loads.Binding());

        // what no plan among these days, or the one that is known, can cost less than; null where it was not looked at
        long? Look(IReadOnlyList<int> columns, TimeSpan left)
        {
            if (left <= TimeSpan.Zero || bound >= best.Cost)
                return null;
            var (plan, least) = SeasonModel.Solve(season, columns, best, left, cancel);
            cancel.ThrowIfCancellationRequested();
            best = plan.Cost < best.Cost ? plan : best;
            return Math.Min(best.Cost, least);
        }
    }

    /// <summary>Starts that the linear programme uses, and those some days beside them.</summary>
    private static List<int> Near(SeasonColumns season, SeasonRelaxation relaxed, int days)
    {
        var columns = season.Columns.Select((c, i) => (c, i)).ToDictionary(c => (c.c.Wish, c.c.Day), c => c.i);
        var near = new HashSet<int>();
        for (var i = 0; i < season.Columns.Count; i++)
        {
            if (relaxed.Values[i] < 1e-6)
                continue;
            for (var beside = -days; beside <= days; beside++)
            {
                if (columns.TryGetValue((season.Columns[i].Wish, season.Columns[i].Day + beside), out var column))
                    near.Add(column);
            }
        }
        return [.. near.Order()];
    }
}
