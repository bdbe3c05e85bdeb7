using System.Diagnostics;
using Gassel.Core.Climate;
using Gassel.Core.Planning;
using Gassel.Core.Record;
using Gassel.Core.Seed;
using Gassel.Core.Treatments;

namespace Gassel.Bench;

/// <summary>Planning with all its options, frost and viability, in the core and over HTTP on the demo.</summary>
internal static class PlanBench
{
    private const int Batches = 500;
    private const int Rounds = 5;

    public static async Task Run(string root)
    {
        var today = new DateOnly(2027, 3, 14);
        Print($"planning {Batches} late batches with options and seeds", Batches, "plans", () =>
        {
            for (var i = 0; i < Batches; i++)
            {
                var species = StarterLibrary.All[i % StarterLibrary.All.Count];
                var route = species.Routes[i % species.Routes.Count];
                var schedule = Scheduler.Plan(
                    new(AnchorEvent.Sow, today.AddDays(i % 60)),
                    today,
                    [.. route.Steps.Select(s => new ScheduleStep(s.Kind, s.Days, s.Optional))]
                );
                var belief = LotJudgement.Of(Lot(i), species, route, ViabilitySchool.Share, today).Germination;
                if (SeedsNeeded.For(new(20 + i % 40, belief, 0.85, 0.9, null, 72, 0.1, 3)).Seeds is null || schedule.Steps.Count == 0)
                    throw new InvalidOperationException("no plan");
            }
        });
        var days = WeatherGenerator
            .Days(ClimateNormals.SkarveBench, new(1997, 1, 1), new(2027, 3, 13), 1127)
            .Select(d => new DailyTemperature(d.Date, d.MinC, d.MaxC))
            .ToList();
        var lots = StarterLibrary.All.SelectMany(s => s.Routes.Select(r => (s, r))).ToList();
        Print($"frost at four thresholds over 30 years, and viability by {lots.Count} routes of the library", 1, "times", () =>
        {
            FrostOutlook.From(days, 46.8);
            foreach (var (species, route) in lots)
                LotJudgement.Of(Lot(3), species, route, ViabilitySchool.Share, today);
        });

        var folder = Directory.CreateTempSubdirectory("gassel-bench-").FullName;
        using (
            var served = await Served.Launch("/api/site", port =>
                [Path.Combine(root, "artifacts", "gassel", "Gassel.Web.dll"), "--demo", "--port", $"{port}", "--data", folder]
            )
        )
        {
            var times = new List<double>();
            for (var i = 0; i < 240; i++)
            {
                var clock = Stopwatch.GetTimestamp();
                await Ask.Send(
                    served.Http,
                    HttpMethod.Post,
                    "/api/plan",
                    $$"""
                    {"speciesId":"globemallow","lotId":3,"plants":{{20
                        + i % 60}},"target":"sow","lastFrost":"2027-05-08","weeksFromLastFrost":-6,"second":{"weeksLater":3} }
                    """
                );
                if (i >= 40)
                    times.Add(Stopwatch.GetElapsedTime(clock).TotalMilliseconds);
            }
            Console.WriteLine(
                $"Plan over HTTP, demo of 23 batches, two sowings: p50 {Middle.Of(times):0.0} ms, p95 {Middle.Quantile(times, 0.95):0.0} ms"
            );
        }
        Directory.Delete(folder, recursive: true);
    }

    private static SeedLot Lot(int i) => new("slope", new(2024, 7, 1), 500, Tests: i % 2 == 0 ? [new(20 + i % 20, 50)] : null);

    private static void Print(string what, int units, string unit, Action work)
    {
        var times = new List<double>();
        for (var i = 0; i <= Rounds; i++)
        {
            var clock = Stopwatch.GetTimestamp();
            work();
            if (i > 0)
                times.Add(Stopwatch.GetElapsedTime(clock).TotalSeconds);
        }
        Console.WriteLine($"{what}: {1000 * Middle.Of(times):0.0} ms, {units / Middle.Of(times):0.#} {unit} a second");
    }
}
