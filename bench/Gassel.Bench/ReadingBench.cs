using System.Diagnostics;
using System.Globalization;
using Gassel.Core.Climate;
using Gassel.Core.Fold;
using Gassel.Core.Places;
using Gassel.Core.Planning;
using Gassel.Core.Record;
using Gassel.Core.Treatments;

namespace Gassel.Bench;

/// <summary>
/// A million readings from a file, beside the sqlite3 command line and the same table; and the cold of many batches over a winter of
/// readings.
/// </summary>
internal static class ReadingBench
{
    private const int Rows = 1_000_000;
    private const int Batches = 200;
    private const string Table =
        "CREATE TABLE readings (SeriesId INTEGER NOT NULL, At INTEGER NOT NULL, CentiC INTEGER NOT NULL, PRIMARY KEY "
        + "(SeriesId, At)) WITHOUT ROWID;";

    public static async Task Run(string root)
    {
        var folder = Directory.CreateTempSubdirectory("gassel-bench-").FullName;
        var logger = Path.Combine(folder, "logger.csv");
        await WriteFile(logger);
        var bare = new List<double>();
        for (var i = 0; i < 3; i++)
            bare.Add(await Imported(folder, logger, i));
        var ground = Rows / Middle.Of(bare);
        Console.WriteLine($"sqlite3 .import of the same file of {Rows:N0} rows into the same table, as text: {ground:N0} rows/s");

        using (
            var served = await Served.Launch("/api/site", port =>
                [Path.Combine(root, "artifacts", "gassel", "Gassel.Web.dll"), "--port", $"{port}", "--data", Path.Combine(folder, "book")]
            )
        )
        {
            var batch = await Prepare(served.Http);
            await using var file = File.OpenRead(logger);
            using var content = new StreamContent(file);
            content.Headers.ContentType = new("text/csv");
            // the first ones wake the path up
            for (var i = 0; i < 30; i++)
                await Record(served.Http, batch, """{"kind":"check","part":"1","moisture":"right","mould":"none","sprouted":0}""");
            using var done = new CancellationTokenSource();
            var recording = RecordUntil(served.Http, batch, done.Token);
            var clock = Stopwatch.StartNew();
            (await served.Http.PostAsync("/api/places/cold-shelf/reading-file?save=true&name=million", content)).EnsureSuccessStatusCode();
            var rate = Rows / clock.Elapsed.TotalSeconds;
            await done.CancelAsync();
            var times = await recording;
            Console.WriteLine(
                $"Gassel, {Rows:N0} readings of ISO text with an offset over HTTP, judged row by row: {rate:N0} "
                    + $"rows/s, {rate / ground:0.00} of it (aim 0.5); one entry meanwhile p50 {Middle.Of(times):0.0} ms, p99 "
                    + $"{Middle.Quantile(times, 0.99):0.0} ms of {times.Count} (aim p99 under 50 ms)"
            );
        }
        var book = new FileInfo(Path.Combine(folder, "book", "gassel.db"));
        Console.WriteLine(
            $"  the book has {book.Length / 1e6:0.0} MB afterwards, {book.Length / (double)Rows:0.0} bytes a reading, "
                + $"the rest of the book included"
        );
        Directory.Delete(folder, recursive: true);
        Chill();
    }

    /// <summary>Three columns, so that the command line can put the file into the table as it is.</summary>
    private static async Task WriteFile(string logger)
    {
        await using var iso = new StreamWriter(logger);
        await iso.WriteLineAsync("nr,time,temp");
        var at = new DateTimeOffset(2020, 1, 1, 0, 0, 0, TimeSpan.Zero);
        for (var i = 0; i < Rows; i++, at = at.AddMinutes(1))
            await iso.WriteLineAsync(
                string.Create(CultureInfo.InvariantCulture, $"1,{at:yyyy-MM-ddTHH:mm:ss}Z,{4 + Math.Sin(i / 50.0):0.00}")
            );
    }

    /// <returns>Seconds.</returns>
    private static async Task<double> Imported(string folder, string file, int turn)
    {
        var db = Path.Combine(folder, $"bare{turn}.db");
        await Sqlite(db, Table + " PRAGMA journal_mode = WAL; PRAGMA synchronous = FULL;");
        var clock = Stopwatch.StartNew();
        await Sqlite(db, $".mode csv\n.import --skip 1 {file} readings\n");
        return clock.Elapsed.TotalSeconds;
    }

    private static async Task Sqlite(string db, string commands)
    {
        using var process = Process.Start(
            new ProcessStartInfo("sqlite3", [db]) { RedirectStandardInput = true, RedirectStandardOutput = true }
        )!;
        await process.StandardInput.WriteAsync(commands);
        process.StandardInput.Close();
        await process.StandardOutput.ReadToEndAsync();
        await process.WaitForExitAsync();
        if (process.ExitCode != 0)
            throw new InvalidOperationException("sqlite3 failed");
    }

    internal static async Task<Guid> Prepare(HttpClient http)
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
        var id = Guid.NewGuid();
        await Ask.Send(
            http,
            HttpMethod.Post,
            "/api/batches",
            $$"""
            {"id":"{{id}}","choice":"usual","seeds":60,"who":"bench","plan":{"speciesId":"balsamroot","routeId":null,"lotId":{{lot[
                "id"
            ]}},"plants":20,"target":"sow","lastFrost":"2029-05-08","weeksFromLastFrost":0} }
            """
        );
        await Record(http, id, """{"kind":"stepStarted","part":"1","step":0,"seeds":60,"place":"cold-shelf","vessel":null}""");
        return id;
    }

    private static async Task Record(HttpClient http, Guid batch, string payload)
    {
        var today = DateOnly.FromDateTime(DateTime.UtcNow.AddDays(-1));
        await Ask.Send(
            http,
            HttpMethod.Post,
            $"/api/batches/{batch}/entries",
            $$"""
            {"act":"{{Guid.NewGuid()}}","who":"bench","entries":[{"id":"{{Guid.NewGuid()}}","doneOn":"{{today:yyyy-MM-dd}}",
            "doneAt":null,"recordedAt":"2027-03-14T09:00:00Z","payload":{{payload}}}]}
            """
        );
    }

    /// <summary>One entry after the other, as one grower does who does not wait between.</summary>
    internal static async Task<List<double>> RecordUntil(HttpClient http, Guid batch, CancellationToken until)
    {
        var times = new List<double>();
        while (!until.IsCancellationRequested)
        {
            var clock = Stopwatch.GetTimestamp();
            await Record(http, batch, """{"kind":"check","part":"1","moisture":"right","mould":"none","sprouted":0}""");
            times.Add(Stopwatch.GetElapsedTime(clock).TotalMilliseconds);
            await Task.Delay(10, CancellationToken.None);
        }
        return times;
    }

    /// <summary>
    /// The cold of 200 batches, from a winter of ten-minute readings of one place: summed from the readings, and from the sums of days.
    /// </summary>
    private static void Chill()
    {
        var bounds = new DayBounds(TimeZoneInfo.FindSystemTimeZoneById("America/Denver"));
        var from = new DateOnly(2026, 10, 15);
        var start = bounds.StartOf(from);
        var before = GC.GetTotalMemory(forceFullCollection: true);
        TemperatureReading[] readings =
        [
            .. Enumerable.Range(0, 150 * 144).Select(i => new TemperatureReading(start + (i * 600_000L), 3.6 + Math.Sin(i / 7.0))),
        ];
        var held = GC.GetTotalMemory(forceFullCollection: true) - before;
        var plan = PlanOf(from);
        var part = BatchFold
            .Run(
                plan,
                [
                    new(
                        Guid.NewGuid(),
                        1,
                        Guid.NewGuid(),
                        from,
                        null,
                        default,
                        "bench",
                        EntrySource.Hand,
                        new StepStarted("1", 0, 60, "cold-shelf")
                    ),
                ]
            )
            .Parts[0];
        var places = UsualPlaces.Starter.ToDictionary(p => p.Id);
        double Round(bool fresh)
        {
            var kept = new Kept(readings, bounds);
            var clock = Stopwatch.GetTimestamp();
            for (var i = 0; i < Batches; i++)
                ColdSoFar.Of(plan, part, places, fresh ? new Kept(readings, bounds) : kept, ColdResponse.Usual, from.AddDays(150));
            return Batches / Stopwatch.GetElapsedTime(clock).TotalSeconds;
        }
        var (raw, sums) = (
            Enumerable.Range(0, 5).Select(_ => Round(true)).ToList(),
            Enumerable.Range(0, 5).Select(_ => Round(false)).ToList()
        );
        var allocated = GC.GetAllocatedBytesForCurrentThread();
        Round(false);
        Console.WriteLine(
            $"effective chilling of {Batches} batches over {readings.Length:N0} readings: {Middle.Of(sums):N0} "
                + $"batches/s from the sums of days as the program keeps them, {Middle.Of(raw):N0}/s each from the readings; "
                + $"readings in memory {held / 1e6:0.0} MB, allocated by a round "
                + $"{(GC.GetAllocatedBytesForCurrentThread() - allocated) / 1e6:0.0} MB"
        );
    }

    private static BatchPlan PlanOf(DateOnly from)
    {
        var route = StarterLibrary.All.Single(s => s.Id == "balsamroot").Routes[0];
        var anchor = new Anchor(AnchorEvent.Start, from);
        return BatchPlanner.Confirm(
            route,
            anchor,
            Scheduler.Plan(anchor, from, [.. route.Steps.Select(s => new ScheduleStep(s.Kind, s.Days, s.Optional))]),
            PlanChoice.Usual,
            20,
            60
        )!;
    }

    /// <summary>Days summed once for each response, as the program keeps them.</summary>
    private sealed class Kept(TemperatureReading[] readings, DayBounds bounds) : IPlaceTemperatures
    {
        private readonly Dictionary<ColdResponse, IReadOnlyList<TemperatureDay>> _days = [];

        public IReadOnlyList<TemperatureDay> Measured(string place, ColdResponse response) =>
            _days.TryGetValue(response, out var days) ? days : _days[response] = ReadingDays.Of(readings, response, bounds).Days;

        public IReadOnlyList<TypedReading> Typed(string place) => [];
    }
}
