using System.Globalization;
using System.Net;
using System.Text;
using System.Text.Json.Nodes;
using Gassel.Core.Climate;
using Gassel.Core.Treatments;
using Gassel.Data;
using Gassel.Data.Readings;
using Gassel.Data.Rows;
using Microsoft.Extensions.DependencyInjection;

namespace Gassel.Web.Tests;

/// <summary>Readings of places: logger files, probes, and what follows for the batches that stand there.</summary>
public sealed class TemperatureTests : IAsyncLifetime
{
    private static readonly TimeZoneInfo Denver = TimeZoneInfo.FindSystemTimeZoneById("America/Denver");
    private readonly RunningBook _book = new();
    private Guid _batch;

    public async ValueTask InitializeAsync()
    {
        await _book.InitializeAsync();
        _batch = await _book.BatchOfBalsamroot();
        await _book.Record(
            _batch,
            "2027-02-12",
            "warn",
            """{"kind":"stepStarted","part":"1","step":0,"seeds":60,"place":"cold-shelf","vessel":null}"""
        );
    }

    public ValueTask DisposeAsync() => _book.DisposeAsync();

    private ReadingBook Readings => _book.Services.GetRequiredService<ReadingBook>();

    private Task<(int Status, JsonNode Body)> File(string csv, string query = "", string place = "cold-shelf") =>
        _book.Send(HttpMethod.Post, $"/api/places/{place}/reading-file{query}", new StringContent(csv, Encoding.UTF8, "text/csv"));

    /// <summary>A reading an hour, whole days of Denver's winter, the last inclusive.</summary>
    private static string Hourly(string header, string from, int days, string format, Func<int, double> value, string before = "")
    {
        var csv = new StringBuilder(header + "\n");
        var start = DateTime.ParseExact(from, "yyyy-MM-dd", CultureInfo.InvariantCulture);
        for (var hour = 0; hour <= days * 24; hour++)
            csv.Append(
                CultureInfo.InvariantCulture,
                $"{before}{start.AddHours(hour).ToString(format, CultureInfo.InvariantCulture)},{value(hour)}\n"
            );
        return csv.ToString();
    }

    private async Task<JsonNode> Cold() => (await _book.Get($"/api/batches/{_batch}"))["parts"]![0]!["cold"]!;

    [Fact]
    public async Task A_logger_file_makes_assumed_cold_measured()
    {
        var assumed = await Cold();
        Assert.Equal((30.0, 0.0), (assumed["all"]!["effective"]!.GetValue<double>(), assumed["measured"]!["days"]!.GetValue<double>()));

        // 6 °C is half a day to a kind that germinates in the cold, 0.8 of one to the default
        var csv = Hourly("no,when,box (°C)", "2027-02-20", 10, "dd/MM/yyyy HH:mm", _ => 6, before: "1,");
        var (status, report) = await File(csv);
        Assert.True(status == 200, report.ToJsonString());
        Assert.Equal(
            (1, 2, "dayFirst", 241),
            (
                report["atColumn"]!.GetValue<int>(),
                report["tempColumn"]!.GetValue<int>(),
                report["order"]!.GetValue<string>(),
                report["readings"]!.GetValue<int>()
            )
        );
        Assert.Equal(0.0, (await Cold())["measured"]!["days"]!.GetValue<double>());

        var (_, saved) = await File(csv, "?save=true&name=box%20logger&atColumn=1&tempColumn=2&order=dayFirst&unit=celsius");
        Assert.NotNull(saved["savedAs"]);
        var cold = await Cold();
        Assert.Equal(
            (10.0, 5.0, 8.0),
            (
                cold["measured"]!["days"]!.GetValue<double>(),
                Math.Round(cold["measured"]!["effective"]!.GetValue<double>(), 9),
                Math.Round(cold["measured"]!["effectiveByDefault"]!.GetValue<double>(), 9)
            )
        );
        Assert.Equal(
            (20.0, 25.0),
            (cold["assumed"]!["effective"]!.GetValue<double>(), Math.Round(cold["all"]!["effective"]!.GetValue<double>(), 9))
        );
        var shelf = (await _book.Get("/api/rounds"))["places"]!
            .AsArray()
            .Single(p => p!["place"]!["id"]!.GetValue<string>() == "cold-shelf")!;
        Assert.Equal(25.0, shelf["parts"]![0]!["cold"]!["gained"]!.GetValue<double>(), 9);
        // the logger's last word is two weeks old: what holds now is assumed
        Assert.Equal("assumed", shelf["temperature"]!["source"]!.GetValue<string>());

        // the same file again has nothing new; set aside, its readings are kept and not used
        var (_, again) = await File(csv, "?save=true&name=again&atColumn=1&tempColumn=2&order=dayFirst");
        Assert.Equal((null, 241), (again["savedAs"], again["thereAlready"]!.GetValue<int>()));
        await _book.Put($"/api/reading-series/{saved["savedAs"]}", """{"aside":true}""");
        Assert.Equal(0.0, (await Cold())["measured"]!["days"]!.GetValue<double>());
        Assert.Equal(241, (await _book.Get("/api/places/cold-shelf/temperature"))["series"]![0]!["count"]!.GetValue<int>());
    }

    [Fact]
    public async Task Fahrenheit_in_a_Celsius_column_is_noticed_and_asked()
    {
        var csv = Hourly("time,temperature", "2027-02-20", 2, "yyyy-MM-dd HH:mm", h => 39 + (h % 3));
        Assert.Contains("Which is it?", (await File(csv)).Body["unitDoubt"]!.GetValue<string>());
        var (status, problem) = await File(csv, "?save=true&name=x");
        Assert.Equal((400, "unit"), (status, problem["field"]!.GetValue<string>()));
        var (_, saved) = await File(csv, "?save=true&name=x&unit=fahrenheit&unitSure=true");
        Assert.Null(saved["unitDoubt"]);
        Assert.Equal(3.89, saved["sample"]![0]!["tempC"]!.GetValue<double>());
        Assert.Null((await File(Hourly("time,temp (°F)", "2027-02-20", 2, "yyyy-MM-dd HH:mm", _ => 40))).Body["unitDoubt"]);
    }

    [Fact]
    public async Task The_future_a_lost_sensor_and_the_skipped_hour_are_told_by_their_reasons()
    {
        var (_, report) = await File(
            "time,temp\n2027-03-14 01:30,4\n2027-03-14 02:30,4\n2027-03-14 03:30,-127\n2027-03-14 04:30,4\n2027-03-14 "
                + "04:31,44\n2027-03-14 04:32,4\n2027-03-14 12:30,4\n2027-03-20 04:30,4\nnever,4\n"
        );
        Assert.Equal(
            ["future", "skippedHour", "temperature", "time"],
            report["refused"]!.AsArray().Select(r => r!["fault"]!.GetValue<string>()).Order()
        );
        Assert.Equal(
            3,
            report["refused"]!.AsArray().Single(r => r!["fault"]!.GetValue<string>() == "skippedHour")!["firstLine"]!.GetValue<int>()
        );
        Assert.Contains("standard time", report["clockDoubt"]!.GetValue<string>());
        Assert.Equal(
            (9, 5, 1, 1),
            (
                report["rows"]!.GetValue<int>(),
                report["readings"]!.GetValue<int>(),
                report["jumps"]!.GetValue<int>(),
                report["gaps"]!.GetValue<int>()
            )
        );
        Assert.Null((await File("time,temp\n2027-03-14 02:30,4\n", "?clock=standardTime")).Body["clockDoubt"]);
    }

    [Theory]
    [InlineData("", "", "file")]
    [InlineData("time\n2027-01-01 00:00\n", "", "file")]
    [InlineData("time,temp\n2027-01-01 00:00,4\n", "?tempColumn=5", "tempColumn")]
    [InlineData("time,temp\n2027-01-01 00:00,4\n", "?tempColumn=0", "tempColumn")]
    [InlineData("time,temp\n2027-01-01 00:00,4\n", "?clock=sundial", "clock")]
    [InlineData("time,temp\n2027-01-01 00:00,4\n", "?save=true", "name")]
    [InlineData("time,temp\nnever,4\n", "?save=true&name=x", "file")]
    [InlineData("time,temp\n\"2027-01-01 00:00,4\n", "", "file")]
    public async Task A_file_that_cannot_be_read_says_why(string csv, string query, string field)
    {
        var (status, problem) = await File(csv, query);
        Assert.True(status == 400, problem.ToJsonString());
        Assert.Equal(field, problem["field"]!.GetValue<string>());
        Assert.Empty(await Readings.Series());
    }

    [Fact]
    public async Task Of_an_unknown_place_or_series_it_says_so()
    {
        Assert.Equal(404, (await File("time,temp\n", place: "attic")).Status);
        Assert.Equal(404, (await _book.Put("/api/reading-series/7", """{"aside":true}""")).Status);
        // what is made up never measures in a real book
        Assert.Equal(409, (await _book.Post("/api/places/table/probe", """{"device":"roomProbe"}""")).Status);
    }

    /// <summary>A file without end, sent until it is broken off; meanwhile a check is recorded.</summary>
    [Fact]
    public async Task A_long_file_that_is_broken_off_leaves_nothing_and_holds_nobody_up()
    {
        using var stop = new CancellationTokenSource();
        using var content = new Endless(stop.Token);
        var sending = _book.Http.PostAsync(
            new Uri("/api/places/cold-shelf/reading-file?save=true&name=long", UriKind.Relative),
            content,
            stop.Token
        );
        await using var db = _book.Services.GetRequiredService<Func<GasselDb>>()();
        var rows = 0L;
        while (rows < 40_000)
        {
            await Task.Delay(5, TestContext.Current.CancellationToken);
            rows = Scalar("SELECT count(*) FROM readings");
        }
        Assert.Empty(await Readings.Series());
        Assert.Equal(
            200,
            (
                await _book.Record(
                    _batch,
                    "2027-03-14",
                    "warn",
                    """{"kind":"check","part":"1","moisture":"right","mould":"none","sprouted":0}"""
                )
            ).Status
        );
        await stop.CancelAsync();
        await Assert.ThrowsAnyAsync<Exception>(() => sending);
        for (var i = 0; i < 400 && Scalar("SELECT count(*) FROM reading_series") > 0; i++)
            await Task.Delay(25, TestContext.Current.CancellationToken);
        Assert.Equal((0L, 0L), (Scalar("SELECT count(*) FROM readings"), Scalar("SELECT count(*) FROM reading_series")));
    }

    [Fact]
    public async Task What_a_killed_program_had_begun_to_import_is_gone_at_the_next_start()
    {
        await using (var db = _book.Services.GetRequiredService<Func<GasselDb>>()())
        {
            db.ReadingSeries.Add(
                new()
                {
                    PlaceId = "cold-shelf",
                    Name = "half",
                    Source = ReadingSource.File,
                    Whole = false,
                }
            );
            await db.SaveChangesAsync(TestContext.Current.CancellationToken);
        }
        Scalar("INSERT INTO readings (SeriesId, At, CentiC) VALUES (1, 1, 400) RETURNING 1");
        await _book.Restart();
        Assert.Equal((0L, 0L), (Scalar("SELECT count(*) FROM readings"), Scalar("SELECT count(*) FROM reading_series")));
    }

    [Fact]
    public async Task The_silence_of_a_thermometer_and_its_frost_show_on_rounds_and_on_the_batch()
    {
        var (_, made) = await _book.Post("/api/thermometers", """{"name":"fridge","place":"cold-shelf"}""");
        await Pass(made, 18, 4);
        Assert.Equal(18, (await Readings.Series())[0].Count);
        await Pass(made, 60, null);
        var shelf = (await _book.Get("/api/rounds"))["places"]!
            .AsArray()
            .Single(p => p!["place"]!["id"]!.GetValue<string>() == "cold-shelf")!;
        Assert.Equal(
            ("silent", "assumed"),
            (shelf["temperature"]!["troubles"]![0]!["kind"]!.GetValue<string>(), shelf["temperature"]!["source"]!.GetValue<string>())
        );
        Assert.Equal("silent", (await _book.Get($"/api/batches/{_batch}"))["parts"]![0]!["troubles"]![0]!["kind"]!.GetValue<string>());

        await Pass(made, 6 * 9, -4);
        var troubles = (await _book.Get($"/api/batches/{_batch}"))["parts"]![0]!["troubles"]!.AsArray();
        Assert.Equal(["silent", "frozen"], troubles.Select(t => t!["kind"]!.GetValue<string>()));
        Assert.NotNull(troubles[0]!["to"]);
        Assert.Null(troubles[1]!["to"]);
    }

    /// <summary>A thermometer read by eye comes with a check, and goes when the check is taken back.</summary>
    [Fact]
    public async Task A_thermometer_read_at_a_check_counts_as_assumed_and_is_taken_back_with_it()
    {
        var (status, batch) = await _book.Record(
            _batch,
            "2027-03-04",
            "warn",
            """{"kind":"check","part":"1","moisture":"right","mould":"none","sprouted":0,"placeC":6}"""
        );
        Assert.True(status == 200, batch.ToJsonString());
        Assert.Contains("the place at 6 °C", batch["log"]![1]!["words"]!.GetValue<string>());
        Assert.Equal(20 + (10 * 0.5), batch["parts"]![0]!["cold"]!["all"]!["effective"]!.GetValue<double>(), 9);
        var now = (await _book.Get("/api/temperatures")).AsArray().Single(p => p!["place"]!["id"]!.GetValue<string>() == "cold-shelf")![
            "now"
        ]!;
        Assert.Equal(
            ("typed", "2027-03-04", 6.0),
            (now["source"]!.GetValue<string>(), now["typedOn"]!.GetValue<string>(), now["tempC"]!.GetValue<double>())
        );
        await _book.Record(_batch, "2027-03-14", "warn", $$"""{"kind":"void","entry":"{{batch["log"]![1]!["id"]}}"}""");
        Assert.Equal(30.0, (await Cold())["all"]!["effective"]!.GetValue<double>());
        Assert.Equal(
            400,
            (
                await _book.Record(
                    _batch,
                    "2027-03-14",
                    "warn",
                    """{"kind":"check","part":"1","moisture":"right","mould":"none","sprouted":0,"placeC":200}"""
                )
            ).Status
        );
    }

    /// <summary>The same sums, whether kept and gone on with or summed from the beginning.</summary>
    [Fact]
    public async Task Sums_that_are_gone_on_with_are_those_of_a_fresh_start()
    {
        var (gate, start) = (_book.Services.GetRequiredService<WriteGate>(), new DateTimeOffset(2027, 3, 1, 0, 0, 0, TimeSpan.Zero));
        var thermometers = _book.Services.GetRequiredService<ThermometerBook>();
        await thermometers.Make("x", "warm-shelf", start, gate);
        var series = (await thermometers.BySeries()).Single().Key;
        var random = new Random(5);
        var at = start;
        for (var turn = 0; turn < 60; turn++)
        {
            var some = Enumerable
                .Range(0, 10)
                .Select(_ => new TemperatureReading(
                    (at = at.AddMinutes(random.Next(1, 300))).ToUnixTimeMilliseconds(),
                    random.Next(-200, 1400) / 100.0
                ))
                .ToArray();
            await Readings.Append(series, "warm-shelf", some, gate, TestContext.Current.CancellationToken);
            Readings.Days("warm-shelf", ColdResponse.Usual, Denver);
        }
        var kept = Readings.Days("warm-shelf", ColdResponse.Usual, Denver);
        var fresh = new ReadingBook(
            _book.Services.GetRequiredService<BookFile>(),
            _book.Services.GetRequiredService<Func<GasselDb>>()
        ).Days("warm-shelf", ColdResponse.Usual, Denver);
        Assert.True(fresh.Count > 50);
        Assert.Equal(fresh, kept);
    }

    /// <summary>Time passes by ten minutes, and the thermometer sends each time what is given; null for nothing.</summary>
    private async Task Pass(JsonNode thermometer, int tens, double? tempC)
    {
        for (var i = 0; i < tens; i++)
        {
            _book.Clock.Advance(TimeSpan.FromMinutes(10));
            if (tempC is not { } c)
                continue;
            var json = string.Create(System.Globalization.CultureInfo.InvariantCulture, $$"""{"tempC":{{c}}}""");
            Assert.Equal(
                200,
                (await _book.SendReadings(thermometer["id"]!.GetValue<string>(), thermometer["token"]!.GetValue<string>(), json)).Status
            );
        }
    }

    private long Scalar(string sql)
    {
        using var connection = new Microsoft.Data.Sqlite.SqliteConnection(_book.Services.GetRequiredService<BookFile>().ConnectionString);
        connection.Open();
        using var command = connection.CreateCommand();
        command.CommandText = sql;
        return (long)command.ExecuteScalar()!;
    }

    private sealed class Endless(CancellationToken stop) : HttpContent
    {
        protected override async Task SerializeToStreamAsync(Stream stream, TransportContext? context)
        {
            await stream.WriteAsync("time,temp\n"u8.ToArray(), stop);
            for (var at = new DateTime(2000, 1, 1); ; at = at.AddMinutes(1))
                await stream.WriteAsync(Encoding.UTF8.GetBytes($"{at:yyyy-MM-dd HH:mm},4.0\n"), stop);
        }

        protected override bool TryComputeLength(out long length)
        {
            length = 0;
            return false;
        }
    }
}
