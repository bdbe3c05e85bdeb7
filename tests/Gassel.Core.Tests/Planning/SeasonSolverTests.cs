using Gassel.Core.Planning;
using Gassel.Solver;

namespace Gassel.Core.Tests.Planning;

/// <summary>Wishes on shelves, against every plan there is.</summary>
public class SeasonSolverTests
{
    private static readonly DateOnly Zero = new(2027, 1, 1);
    private static readonly TimeSpan Time = TimeSpan.FromSeconds(60);

    private static SeasonWish Wish(string id, int target, int earliest, int latest, int priority, params SeasonStep[] steps) =>
        new(id, steps, Zero.AddDays(target), Zero.AddDays(earliest), Zero.AddDays(latest), priority);

    private static SeasonProblem Drawn(int seed)
    {
        var random = new Random(seed);
        var places = new[] { new SeasonPlace("a", random.Next(1, 5)), new SeasonPlace("b", random.Next(1, 5)) };
        var wishes = Enumerable
            .Range(0, random.Next(2, 6))
            .Select(i =>
            {
                var earliest = random.Next(0, 5);
                var latest = earliest + random.Next(0, 8);
                return Wish(
                    $"w{i}",
                    random.Next(earliest, latest + 1),
                    earliest,
                    latest,
                    random.Next(1, 4),
                    [
                        .. Enumerable
                            .Range(0, random.Next(1, 4))
                            .Select(_ => new SeasonStep(random.Next(2) == 0 ? "a" : "b", random.Next(1, 4), random.Next(1, 5))),
                    ]
                );
            })
            .ToList();
        SeasonTaken[] taken = random.Next(2) == 0 ? [] : [new("a", Zero.AddDays(2), Zero.AddDays(6), random.Next(1, 3))];
        return new(places, wishes, taken);
    }

    /// <summary>Cost of the best of all plans.</summary>
    private static long Best(SeasonProblem problem)
    {
        var best = long.MaxValue;
        Try(0, new Dictionary<(string, DateOnly), int>(), 0);
        return best;

        void Try(int wish, Dictionary<(string, DateOnly), int> used, long cost)
        {
            if (cost >= best)
                return;
            if (wish == problem.Wishes.Count)
            {
                best = cost;
                return;
            }
            var w = problem.Wishes[wish];
            Try(wish + 1, used, cost + w.Cost(null));
            for (var day = w.Earliest; day <= w.Latest; day = day.AddDays(1))
            {
                var more = new Dictionary<(string, DateOnly), int>(used);
                foreach (var (place, room, from, to) in w.From(day))
                {
                    for (var d = from; d < to; d = d.AddDays(1))
                        more[(place, d)] = more.GetValueOrDefault((place, d)) + room;
                }
                if (more.All(m => m.Value == used.GetValueOrDefault(m.Key) || m.Value + Stands(m.Key) <= Room(m.Key.Item1)))
                    Try(wish + 1, more, cost + w.Cost(day));
            }
        }

        int Stands((string Place, DateOnly Day) at) =>
            problem.Taken.Where(t => t.Place == at.Place && t.From <= at.Day && at.Day < t.To).Sum(t => t.Units);
        int Room(string place) => problem.Places.Single(p => p.Id == place).Room;
    }

    [Fact]
    public void No_plan_of_all_there_are_costs_less()
    {
        for (var seed = 0; seed < 40; seed++)
        {
            var problem = Drawn(seed);
            var answer = SeasonSolver.Solve(problem, Time);
            Assert.True(answer.Optimal, $"case {seed}");
            Assert.Equal((seed, Best(problem)), (seed, answer.Cost));
            Assert.Equal(answer.Cost, problem.Wishes.Sum(w => w.Cost(answer.Starts[w.Id])));
            var loads = new SeasonLoads(problem, answer.Starts);
            foreach (var place in problem.Places)
            {
                var standing = new SeasonLoads(problem with { Wishes = [] }, answer.Starts).Of(place.Id);
                Assert.All(loads.Of(place.Id), day =>
                    Assert.True(day.Value <= Math.Max(place.Room, standing.GetValueOrDefault(day.Key)), $"case {seed} {day}")
                );
            }
        }
    }

    [Fact]
    public void The_one_that_matters_less_gives_way_and_it_is_told_what_is_full()
    {
        var problem = new SeasonProblem(
            [new("mat", 2)],
            [Wish("first", 0, 0, 20, 3, new SeasonStep("mat", 2, 10)), Wish("second", 5, 0, 20, 1, new SeasonStep("mat", 1, 10))],
            []
        );
        var answer = SeasonSolver.Solve(problem, Time);
        Assert.Equal((Zero, Zero.AddDays(10), 5L), (answer.Starts["first"], answer.Starts["second"], answer.Cost));
        var full = Assert.Single(answer.Binding);
        Assert.Equal((Zero.AddDays(5), Zero.AddDays(9), 1), (full.From, full.To, full.Lacking));
        Assert.Equal(["second"], full.Wishes);
        // two of two on ten days, one of two after: only the first are above four fifths
        Assert.Equal(10, answer.Load.Count);
    }

    [Fact]
    public void What_fits_on_no_day_is_left_out_and_said_to_be()
    {
        var problem = new SeasonProblem([new("mat", 1)], [Wish("large", 3, 0, 9, 1, new SeasonStep("mat", 2, 4))], []);
        var answer = SeasonSolver.Solve(problem, Time);
        Assert.Null(answer.Starts["large"]);
        Assert.Equal((10_000L, true), (answer.Cost, answer.Optimal));
        Assert.Equal(1, Assert.Single(answer.Binding).Lacking);
    }

    [Fact]
    public void What_stands_there_already_is_not_moved()
    {
        var problem = new SeasonProblem(
            [new("shelf", 1)],
            [Wish("w", 0, 0, 30, 1, new SeasonStep("shelf", 1, 5))],
            [new("shelf", Zero.AddDays(-40), Zero.AddDays(7), 1)]
        );
        Assert.Equal(Zero.AddDays(7), SeasonSolver.Solve(problem, Time).Starts["w"]);
    }

    [Fact]
    public void The_same_question_gets_the_same_answer()
    {
        var problem = Drawn(3);
        var starts = SeasonSolver.Solve(problem, Time).Starts.OrderBy(s => s.Key).ToList();
        Assert.All(Enumerable.Range(0, 3), _ =>
            Assert.Equal(starts, SeasonSolver.Solve(problem, Time).Starts.OrderBy(s => s.Key).ToList())
        );
    }

    [Fact]
    public void It_is_called_off()
    {
        using var off = new CancellationTokenSource();
        off.Cancel();
        Assert.ThrowsAny<OperationCanceledException>(() => SeasonSolver.Solve(Drawn(3), Time, off.Token));
    }
}
