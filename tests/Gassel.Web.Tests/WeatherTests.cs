using System.Globalization;
using System.Text;
using System.Text.Json.Nodes;
using Gassel.Core.Climate;
using Gassel.Data;
using Microsoft.Extensions.DependencyInjection;

namespace Gassel.Web.Tests;

/// <summary>From a weather file to the day a plan is measured from.</summary>
public sealed class WeatherTests : IAsyncLifetime
{
    private readonly RunningBook _book = new();

    public async ValueTask InitializeAsync()
    {
        await _book.InitializeAsync();
        await Site(46.8, "America/Denver");
    }

    public ValueTask DisposeAsync() => _book.DisposeAsync();

    private Task<(int Status, JsonNode Body)> Site(double latitude, string zone, int? record = null, string settings = "{}") =>
        _book.Put(
            "/api/site?asOf=*",
            string.Create(
                CultureInfo.InvariantCulture,
                $$"""
                {"name":"Test bench","latitude":{{latitude}},"timeZone":"{{zone}}","lastFrost":"05-08",
                "weatherRecordId":{{record?.ToString(CultureInfo.InvariantCulture) ?? "null"}},"settings":{{settings}}}
                """
            )
        );

    private Task<(int Status, JsonNode Body)> File(string csv, string query = "") =>
        _book.Send(HttpMethod.Post, "/api/weather-file" + query, new StringContent(csv, Encoding.UTF8, "text/csv"));

    /// <summary>
    /// Daily weather of Seattle 2012–2015 from the npm package vega-datasets (BSD-3), a test-only dependency; last frosts from R.
    /// </summary>
    private static string Seattle()
    {
        for (var folder = new DirectoryInfo(AppContext.BaseDirectory); ; folder = folder.Parent!)
        {
            var path = Path.Combine(folder.FullName, "src/gassel-ui/node_modules/vega-datasets/data/seattle-weather.csv");
            if (System.IO.File.Exists(path))
                return System.IO.File.ReadAllText(path);
        }
    }

    [Fact]
    public async Task An_open_record_finds_its_own_columns_and_gives_the_frosts_of_R()
    {
        var (status, report) = await File(Seattle());
        Assert.True(status == 200, report.ToJsonString());
        Assert.Equal(
            (0, 3, 2),
            (report["dateColumn"]!.GetValue<int>(), report["minColumn"]!.GetValue<int>(), report["maxColumn"]!.GetValue<int>())
        );
        Assert.Equal((1461, 0), (report["days"]!.GetValue<int>(), report["refusedCount"]!.GetValue<int>()));
        Assert.Empty((await _book.Get("/api/weather-records")).AsArray());

        var (_, saved) = await File(Seattle(), "?save=true&name=by%20the%20sound");
        var frost = await _book.Get($"/api/weather-records/{saved["savedAs"]}/frost");
        Assert.Equal("03-04", frost["thresholds"]![0]!["frost"]!["lastSpring"]!["p50"]!.GetValue<string>());
        Assert.False(frost["enough"]!.GetValue<bool>());
        Assert.Contains("too few for a risk", frost["thresholds"]![0]!["spring"]!.GetValue<string>());
        // four springs give no day to measure from; the day by hand stays
        var (_, site) = await Site(47.6, "America/Los_Angeles", 1, """{"frostBasis":"record"}""");
        Assert.Equal("05-08", site["frostDays"]![0]!["monthDay"]!.GetValue<string>());
    }

    [Fact]
    public async Task An_import_that_is_broken_off_leaves_nothing_and_nobody_sees_a_half_one()
    {
        var (weather, gate) = (_book.Services.GetRequiredService<WeatherBook>(), _book.Services.GetRequiredService<WriteGate>());
        var days = Enumerable.Range(0, 400_000).Select(i => new DailyTemperature(new DateOnly(1000, 1, 1).AddDays(i), -1, 4)).ToList();
        using var stop = new CancellationTokenSource();
        var importing = Task.Run(
            () => weather.Add("broken off", false, _book.Clock.GetUtcNow(), days, gate, stop.Token),
            TestContext.Current.CancellationToken
        );
        while (weather.Days(1).Count == 0)
            await Task.Delay(1, TestContext.Current.CancellationToken);
        Assert.Empty(await weather.Records());
        await stop.CancelAsync();
        await Assert.ThrowsAnyAsync<OperationCanceledException>(() => importing);
        Assert.Empty(weather.Days(1));

        // killed in the middle: the next start takes away what it left
        await using (var db = _book.Services.GetRequiredService<Func<GasselDb>>()())
        {
            db.WeatherRecords.Add(new() { Name = "killed", Whole = false });
            await db.SaveChangesAsync(TestContext.Current.CancellationToken);
        }
        await _book.Restart();
        await using var after = _book.Services.GetRequiredService<Func<GasselDb>>()();
        Assert.Equal(0, after.WeatherRecords.Count());
    }

    [Fact]
    public async Task Others_record_while_a_hundred_years_come_in()
    {
        var batch = await _book.BatchOfBalsamroot();
        await _book.Record(
            batch,
            "2027-03-14",
            "warn",
            """{"kind":"stepStarted","part":"1","step":0,"seeds":60,"place":"cold-shelf","vessel":null}"""
        );
        var csv = new StringBuilder("date,min,max\n");
        for (var day = new DateOnly(1926, 1, 1); day < new DateOnly(2026, 1, 1); day = day.AddDays(1))
            csv.Append(CultureInfo.InvariantCulture, $"{day:yyyy-MM-dd},-2,5\n");
        var importing = File(csv.ToString(), "?save=true&name=long");
        var recorded = 0;
        while (!importing.IsCompleted)
        {
            var (status, body) = await _book.Record(
                batch,
                "2027-03-14",
                "warn",
                """{"kind":"check","part":"1","moisture":"right","mould":"none","sprouted":0}"""
            );
            Assert.True(status == 200, body.ToJsonString());
            recorded++;
        }
        Assert.Equal(200, (await importing).Status);
        Assert.True(recorded > 2, $"only {recorded} entries came through");
        Assert.Equal(recorded + 1, (await _book.Get($"/api/batches/{batch}"))["log"]!.AsArray().Count);
        Assert.Equal(36_525, (await _book.Get("/api/weather-records"))[0]!["days"]!.GetValue<int>());
    }

    [Fact]
    public async Task Bad_rows_are_named_and_the_rest_is_kept()
    {
        var (_, report) = await File("day;tmax;tmin\n2026-01-01;4;-2\n2026-01-02;-2;4\n2026-01-01;4;-2\n31/01/2026;4;-2\n2026-01-05;;\n");
        Assert.Equal(
            (2, 3, 3),
            (report["days"]!.GetValue<int>(), report["refusedCount"]!.GetValue<int>(), report["gapDays"]!.GetValue<int>())
        );
        Assert.Equal([3, 4, 5], report["refused"]!.AsArray().Select(r => r!["line"]!.GetValue<int>()));
    }

    [Theory]
    [InlineData("", "", "file")]
    [InlineData("date,low\n2026-01-01,3\n", "", "file")]
    [InlineData("date,tmin,tmax\n2026-01-01,1,2\n", "?minColumn=7", "minColumn")]
    [InlineData("date,tmin,tmax\n2026-01-01,1,2\n", "?minColumn=2", "maxColumn")]
    [InlineData("date,tmin,tmax\n2026-01-01,1,2\n", "?save=true", "name")]
    [InlineData("date,tmin,tmax\nyesterday,1,2\n", "?save=true&name=x", "file")]
    [InlineData("date,tmin,tmax\n2026-01-01,1,2\n", "?order=sideways", "order")]
    [InlineData("date,tmin,tmax\n\"2026-01-01,1,2\n", "", "file")]
    public async Task A_file_that_cannot_be_read_says_why(string csv, string query, string field)
    {
        var (status, problem) = await File(csv, query);
        Assert.Equal((400, field), (status, problem["field"]!.GetValue<string>()));
    }

    /// <summary>Twelve made-up years with frost to 20 September and from 10 May, as in the south.</summary>
    [Fact]
    public async Task In_the_south_the_coming_last_frost_is_in_their_spring()
    {
        var csv = new StringBuilder("date,tmin,tmax\n");
        for (var day = new DateOnly(2013, 7, 1); day < new DateOnly(2025, 7, 1); day = day.AddDays(1))
        {
            var winter = day is { Month: > 5 and < 9 } or { Month: 9, Day: <= 20 } or { Month: 5, Day: >= 10 };
            csv.Append(CultureInfo.InvariantCulture, $"{day:yyyy-MM-dd},{(winter ? -3 : 6)},{(winter ? 4 : 16)}\n");
        }
        await File(csv.ToString(), "?save=true&name=south");
        var (status, site) = await Site(-45, "Pacific/Auckland", 1, """{"frostBasis":"record"}""");
        Assert.True(status == 200, site.ToJsonString());
        Assert.Equal("2027-03-15", site["today"]!.GetValue<string>());
        Assert.Equal("2027-09-20", site["nextLastFrost"]!.GetValue<string>());
        Assert.Equal("lastFrostSafe", site["frostDays"]![1]!["kind"]!.GetValue<string>());
    }

    [Fact]
    public async Task Frost_by_a_record_needs_one()
    {
        var (status, problem) = await Site(46, "America/Denver", null, """{"frostBasis":"record"}""");
        Assert.Equal((400, "settings.frostBasis"), (status, problem["field"]!.GetValue<string>()));
        Assert.Equal(404, (await Site(46, "America/Denver", 7)).Status);
        Assert.Equal(
            "settings.groundFreeze",
            (await Site(46, "America/Denver", null, """{"groundFreeze":"13-40"}""")).Body["field"]!.GetValue<string>()
        );
    }
}
