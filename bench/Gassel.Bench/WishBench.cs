using System.Diagnostics;
using Gassel.Core.Planning;
using Gassel.Solver;

namespace Gassel.Bench;

/// <summary>A winter of 300 wishes on five places of 270 days, each place a little too small for all of them on their best days.</summary>
internal static class WishBench
{
    private const int Wishes = 300;
    private const int Places = 5;
    private const int Days = 270;
    private static readonly DateOnly Zero = new(2026, 9, 1);

    public static void Run()
    {
        for (var seed = 1; seed <= 3; seed++)
        {
            var problem = Drawn(seed);
            var clock = Stopwatch.StartNew();
            var answer = SeasonSolver.Solve(problem, TimeSpan.FromSeconds(10));
            var moved = problem.Wishes.Count(w => answer.Starts[w.Id] != w.Target);
            var gap = answer.Cost == 0 ? 0 : (double)(answer.Cost - answer.Bound) / answer.Cost;
            Console.WriteLine(
                $"a season of {Wishes} wishes, {Places} places, {Days} days, drawn {seed}: cost {answer.Cost}, bound {answer.Bound}, gap "
                    + $"{100 * gap:0.0} % (aim 2), {moved} moved, {answer.Starts.Values.Count(s => s is null)} left out, "
                    + $"in {clock.Elapsed.TotalSeconds:0.0} s (aim 10)"
            );
        }
    }

    private static SeasonProblem Drawn(int seed)
    {
        var random = new Random(seed);
        var wishes = Enumerable
            .Range(0, Wishes)
            .Select(i =>
            {
                var steps = Enumerable
                    .Range(0, 2 + random.Next(2))
                    .Select(_ => new SeasonStep($"p{random.Next(Places)}", 1 + random.Next(4), 20 + random.Next(50)))
                    .ToList();
                var target = random.Next(20, Math.Max(21, Days - steps.Sum(s => s.Days)));
                return new SeasonWish(
                    $"w{i}",
                    steps,
                    Zero.AddDays(target),
                    Zero.AddDays(Math.Max(0, target - 30)),
                    Zero.AddDays(Math.Min(Days, target + 30)),
                    1 + random.Next(3)
                );
            })
            .ToList();
        var onBestDays = new SeasonLoads(
            new([.. Enumerable.Range(0, Places).Select(p => new SeasonPlace($"p{p}", 0))], wishes, []),
            wishes.ToDictionary(w => w.Id, w => (DateOnly?)w.Target)
        );
        return new(
            [.. Enumerable.Range(0, Places).Select(p => new SeasonPlace($"p{p}", 90 * onBestDays.Of($"p{p}").Values.Max() / 100))],
            wishes,
            []
        );
    }
}
