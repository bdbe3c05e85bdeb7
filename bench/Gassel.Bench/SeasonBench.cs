using System.Diagnostics;
using System.Text.Json.Nodes;
using Gassel.Core.Due;
using Gassel.Core.Fold;
using Gassel.Core.Planning;
using Gassel.Core.Record;
using Gassel.Core.Treatments;

namespace Gassel.Bench;

/// <summary>Folding a big winter, and the whole season in one request.</summary>
internal static class SeasonBench
{
    private const int Batches = 500;
    private const int EntriesEach = 100;
    private const int ListedBatches = 2000;
    private const int Unmeasured = 30;
    private const int Turns = 20;

    /// <summary>As many as are taken in one request.</summary>
    private const int LinesAtOnce = 500;
    private static readonly DateOnly Start = new(2026, 11, 1);
    private static readonly Species Species = StarterLibrary.All.Single(s => s.Id == "balsamroot");

    public static async Task Run(string root)
    {
        var (small, large) = (Winter(Batches / 10), Winter(Batches));
        var (tenth, cold) = InTurns(() => Fold(small), () => Fold(large));
        var states = large.Select(b => (b.Plan, State: BatchFold.Run(b.Plan, b.Entries))).ToList();
        var (fewDue, due) = InTurns(() => Due(states[..(Batches / 10)]), () => Due(states));
        var entries = Batches * EntriesEach;
        Console.WriteLine(
            $"folding {entries} entries of {Batches} batches with due work: cold {1000 * cold:0} ms "
                + $"({entries / cold:0} entries a second), from folded state {1000 * due:0.0} ms; ten times the data "
                + $"{cold / tenth:0.0} × and {due / fewDue:0.0} × the time (aim 11)"
        );

        var few = await View(root, Batches / 10, "/api/season");
        var many = await View(root, Batches, "/api/season");
        Console.WriteLine(
            $"Season of {Batches} batches in one request: {many.Raw / 1000.0:0} kB, {many.Packed / 1000.0:0} kB "
                + $"packed, p50 {many.P50:0} ms, p95 {many.P95:0} ms; {Batches / 10} batches p50 {few.P50:0.0} ms, ten times "
                + $"the data {many.P50 / few.P50:0.0} × the time (aim 11)"
        );
        var rounds = await View(root, Batches, "/api/rounds");
        Console.WriteLine(
            $"Rounds of {Batches} batches in one request: {rounds.Raw / 1000.0:0} kB, {rounds.Packed / 1000.0:0} kB "
                + $"packed, p50 {rounds.P50:0} ms, p95 {rounds.P95:0} ms"
        );
    }

    /// <summary>The first page of a list of batches, which is told a hundred at a time.</summary>
    public static async Task RunList(string root)
    {
        var list = await View(root, ListedBatches, "/api/batch-list");
        var tenthList = await View(root, ListedBatches / 10, "/api/batch-list");
        Console.WriteLine(
            $"First page of a list of {ListedBatches} batches: {list.Raw / 1000.0:0} kB, {list.Packed / 1000.0:0} kB packed, "
                + $"p50 {list.P50:0} ms, p95 {list.P95:0} ms; {ListedBatches / 10} batches p50 {tenthList.P50:0.0} ms, ten times the data "
                + $"{list.P50 / tenthList.P50:0.0} × the time (aim 11)"
        );
    }

    private static List<(BatchPlan Plan, List<Entry> Entries)> Winter(int batches)
    {
        var route = Species.Routes[0];
        var schedule = Scheduler.Plan(new(AnchorEvent.Start, Start), Start, [.. route.Steps.Select(s => new ScheduleStep(s.Kind, s.Days))]);
        var plan = BatchPlanner.Confirm(route, new(AnchorEvent.Start, Start), schedule, PlanChoice.Usual, 30, 60)!;
        Entry At(int n, int day, EntryPayload payload) =>
            new(Guid.NewGuid(), n, default, Start.AddDays(day), null, default, "bench", EntrySource.Hand, payload);
        return
        [
            .. Enumerable
                .Range(0, batches)
                .Select(_ =>
                    (
                        plan,
                        Enumerable
                            .Range(0, EntriesEach)
                            .Select(i =>
                                At(
                                    i + 1,
                                    i,
                                    i == 0 ? new StepStarted("1", 0, 60, "cold-shelf") : new Check("1", Moisture.Right, MouldSeen.None, 0)
                                )
                            )
                            .ToList()
                    )
                ),
        ];
    }

    private static void Fold(List<(BatchPlan Plan, List<Entry> Entries)> winter)
    {
        foreach (var (plan, entries) in winter)
            DueWork.For(plan, BatchFold.Run(plan, entries), Species, Start.AddDays(120));
    }

    private static void Due(List<(BatchPlan Plan, BatchState State)> states)
    {
        foreach (var (plan, state) in states)
            DueWork.For(plan, state, Species, Start.AddDays(120));
    }

    /// <summary>
    /// Mean seconds of a run of each, the small one ten times for each of the large, so that code is as far compiled and the collector as
    /// busy for the one as for the other. What comes before both are compiled for good is not counted.
    /// </summary>
    private static (double Small, double Large) InTurns(Action small, Action large)
    {
        var (smallTook, largeTook) = (TimeSpan.Zero, TimeSpan.Zero);
        for (var turn = -Unmeasured; turn < Turns; turn++)
        {
            var begun = Stopwatch.GetTimestamp();
            for (var i = 0; i < 10; i++)
                small();
            var between = Stopwatch.GetTimestamp();
            large();
            if (turn < 0)
                continue;
            smallTook += Stopwatch.GetElapsedTime(begun, between);
            largeTook += Stopwatch.GetElapsedTime(between);
        }
        return (smallTook.TotalSeconds / (10 * Turns), largeTook.TotalSeconds / Turns);
    }

    /// <summary>A view of so many batches in one request: bytes, and milliseconds to the whole answer.</summary>
    private static async Task<(long Raw, long Packed, double P50, double P95)> View(string root, int batches, string path)
    {
        // the folder is left to the system: the program has it open until this ends
        var folder = Directory.CreateTempSubdirectory("gassel-bench-").FullName;
        using var served = await Served.Launch("/api/site", port =>
            [Path.Combine(root, "artifacts", "gassel", "Gassel.Web.dll"), "--demo", "--port", $"{port}", "--data", folder]
        );
        await Ask.Send(
            served.Http,
            HttpMethod.Post,
            "/api/lots",
            """{"speciesId":"saskatoon","lot":{"gatheredAt":"bench","gatheredOn":"2026-07-01","counted":1000000}}"""
        );
        var lines = Enumerable
            .Range(0, batches - 24)
            .Select(i => new JsonObject
            {
                ["species"] = "saskatoon",
                ["lot"] = "bench",
                ["step"] = "cold-moist",
                ["since"] = Start.AddDays(i % 100).ToString("yyyy-MM-dd", System.Globalization.CultureInfo.InvariantCulture),
                ["seeds"] = "60",
                ["place"] = "",
            });
        foreach (var told in lines.Chunk(LinesAtOnce))
        {
            await Ask.Send(
                served.Http,
                HttpMethod.Post,
                "/api/told",
                new JsonObject
                {
                    ["lines"] = new JsonArray([.. told]),
                    ["save"] = true,
                    ["who"] = "bench",
                }.ToJsonString()
            );
        }
        var times = new List<double>();
        long raw = 0;
        for (var i = 0; i < 70; i++)
        {
            var clock = Stopwatch.GetTimestamp();
            raw = (await served.Http.GetByteArrayAsync(path)).Length;
            if (i >= 20)
                times.Add(Stopwatch.GetElapsedTime(clock).TotalMilliseconds);
        }
        using var packed = new HttpRequestMessage(HttpMethod.Get, path);
        packed.Headers.AcceptEncoding.ParseAdd("br");
        using var answer = await served.Http.SendAsync(packed);
        var result = (raw, (await answer.Content.ReadAsByteArrayAsync()).LongLength, Middle.Of(times), Middle.Quantile(times, 0.95));
        return result;
    }
}
