using System.Diagnostics;

namespace Gassel.Bench;

/// <summary>Recording one entry while sixteen record at once, each on batches of its own, and a bare row beside it.</summary>
internal static class RecordingBench
{
    private const int Writers = 16;
    private const int Each = 200;

    /// <summary>So that a batch ends with some two dozen entries, as in a winter.</summary>
    private const int BatchesEach = 10;

    public static async Task Run(string root, string ground)
    {
        var folder = Directory.CreateTempSubdirectory("gassel-bench-").FullName;
        using (
            var served = await Served.Launch("/api/site", port =>
                [Path.Combine(root, "artifacts", "gassel", "Gassel.Web.dll"), "--port", $"{port}", "--data", folder]
            )
        )
        {
            var batches = await Prepare(served.Http);
            var today = (await Ask.Send(served.Http, HttpMethod.Get, "/api/site", null))["today"]!.GetValue<string>();
            await Measure(
                "Gassel, one entry",
                served.Http,
                (writer, i) => $"/api/batches/{batches[writer * BatchesEach + i % BatchesEach]}/entries",
                _ =>
                    $$"""
                        {"act":"{{Guid.NewGuid()}}","who":"bench","ifConflict":"warn","entries":[{"id":"{{Guid.NewGuid()}}",
                        "doneOn":"{{today}}","doneAt":null,
                         "recordedAt":"2027-03-14T09:00:00Z","payload":{"kind":"check","part":"1","moisture":"right","mould":"none",
                         "sprouted":0} }]}
                        """,
                "aim p99 under 25 ms"
            );
            using var done = new CancellationTokenSource();
            var imports = ImportOverAndOver(served.Http, done.Token);
            await Measure(
                "Gassel, one entry during imports",
                served.Http,
                (writer, i) => $"/api/batches/{batches[writer * BatchesEach + i % BatchesEach]}/entries",
                _ =>
                    $$"""
                        {"act":"{{Guid.NewGuid()}}","who":"bench","ifConflict":"warn","entries":[{"id":"{{Guid.NewGuid()}}",
                        "doneOn":"{{today}}","doneAt":null,
                         "recordedAt":"2027-03-14T09:00:00Z","payload":{"kind":"check","part":"1","moisture":"right","mould":"none",
                         "sprouted":0} }]}
                        """,
                "a hundred years of weather coming in meanwhile"
            );
            await done.CancelAsync();
            Console.WriteLine($"  {await imports} weather files of 36,525 days imported meanwhile");
        }
        using (var served = await Served.Launch("/", port => [ground, $"{port}", Path.Combine(folder, "ground.db")]))
        {
            await Measure(
                "bare EF Core, one row",
                served.Http,
                (_, _) => "/",
                _ => """{"text":"moisture right, mould none, sprouted 0"}""",
                "the ground"
            );
        }
        Directory.Delete(folder, recursive: true);
    }

    private static async Task<int> ImportOverAndOver(HttpClient http, CancellationToken until)
    {
        var csv = new System.Text.StringBuilder("date,min,max\n");
        for (var day = new DateOnly(1926, 1, 1); day < new DateOnly(2026, 1, 1); day = day.AddDays(1))
            csv.Append(System.Globalization.CultureInfo.InvariantCulture, $"{day:yyyy-MM-dd},-2,5\n");
        var imported = 0;
        for (; !until.IsCancellationRequested; imported++)
        {
            using var content = new StringContent(csv.ToString(), System.Text.Encoding.UTF8, "text/csv");
            (
                await http.PostAsync($"/api/weather-file?save=true&name=years%20{imported}", content, CancellationToken.None)
            ).EnsureSuccessStatusCode();
        }
        return imported;
    }

    private static async Task<List<Guid>> Prepare(HttpClient http)
    {
        await Ask.Send(
            http,
            HttpMethod.Put,
            "/api/site",
            """{"name":"bench","latitude":46.8,"timeZone":"America/Denver","lastFrost":"05-08"}"""
        );
        var lot = await Ask.Send(
            http,
            HttpMethod.Post,
            "/api/lots",
            """{"speciesId":"balsamroot","lot":{"gatheredAt":"slope","gatheredOn":"2020-07-01","counted":100000,"assumedFraction":0.6}}"""
        );
        var today = (await Ask.Send(http, HttpMethod.Get, "/api/site", null))["today"]!.GetValue<string>();
        var batches = new List<Guid>();
        for (var i = 0; i < Writers * BatchesEach; i++)
        {
            var id = Guid.NewGuid();
            await Ask.Send(
                http,
                HttpMethod.Post,
                "/api/batches",
                $$"""
                {"id":"{{id}}","choice":"usual","seeds":60,"who":"bench","plan":{"speciesId":"balsamroot","routeId":null,"lotId":{{lot[
                    "id"
                ]}},"plants":20,
                 "target":"sow","lastFrost":"2029-05-08","weeksFromLastFrost":0} }
                """
            );
            await Ask.Send(
                http,
                HttpMethod.Post,
                $"/api/batches/{id}/entries",
                $$"""
                {"act":"{{Guid.NewGuid()}}","who":"bench","entries":[{"id":"{{Guid.NewGuid()}}","doneOn":"{{today}}","doneAt":null,
                "recordedAt":"2027-03-14T09:00:00Z",
                 "payload":{"kind":"stepStarted","part":"1","step":0,"seeds":60,"place":"cold-shelf","vessel":null} }]}
                """
            );
            batches.Add(id);
        }
        return batches;
    }

    private static async Task Measure(string name, HttpClient http, Func<int, int, string> path, Func<int, string> body, string aim)
    {
        var times = new List<double>[Writers];
        async Task Write(int writer, int count, bool counted)
        {
            times[writer] = [];
            for (var i = 0; i < count; i++)
            {
                var json = body(i);
                var clock = Stopwatch.GetTimestamp();
                await Ask.Send(http, HttpMethod.Post, path(writer, i), json);
                if (counted)
                    times[writer].Add(Stopwatch.GetElapsedTime(clock).TotalMilliseconds);
            }
        }
        await Task.WhenAll(Enumerable.Range(0, Writers).Select(w => Write(w, 40, counted: false)));
        var all = Stopwatch.StartNew();
        await Task.WhenAll(Enumerable.Range(0, Writers).Select(w => Write(w, Each, counted: true)));
        var seconds = all.Elapsed.TotalSeconds;
        var flat = times.SelectMany(t => t).ToList();
        Console.WriteLine(
            $"{name}, {Writers} at once: p50 {Middle.Of(flat):0.0} ms, p99 {Middle.Quantile(flat, 0.99):0.0} ms, "
                + $"{flat.Count / seconds:0} a second ({aim})"
        );
    }
}
