using System.Diagnostics;
using System.Text.Json.Nodes;

namespace Gassel.Web.Tests;

/// <summary>The plan as iCalendar (RFC 5545), read back by another library: the npm package ical.js, a test-only dependency.</summary>
public sealed class CalendarTests : IAsyncLifetime
{
    private const string Parse = """
        import ICAL from "ical.js";
        let text = "";
        for await (const chunk of process.stdin) text += chunk;
        const calendar = new ICAL.Component(ICAL.parse(text));
        console.log(JSON.stringify(calendar.getAllSubcomponents("vevent").map((c) => {
          const event = new ICAL.Event(c);
          return {
            uid: event.uid, summary: event.summary, sequence: event.sequence, start: event.startDate.toString(),
            allDay: event.startDate.isDate,
            end: event.endDate.toString(),
            alarms: c.getAllSubcomponents("valarm").map((a) => a.getFirstPropertyValue("trigger").toString()),
          };
        })));
        """;

    private readonly RunningBook _book = new();
    private Guid _batch;

    public async ValueTask InitializeAsync()
    {
        await _book.InitializeAsync();
        _batch = await _book.BatchOfBalsamroot();
    }

    public ValueTask DisposeAsync() => _book.DisposeAsync();

    private static async Task<JsonArray> ReadBack(string ics)
    {
        var ui = new DirectoryInfo(AppContext.BaseDirectory);
        while (!Directory.Exists(Path.Combine(ui.FullName, "src/gassel-ui/node_modules/ical.js")))
            ui = ui.Parent ?? throw new DirectoryNotFoundException("ical.js is not there; run npm ci in src/gassel-ui.");
        using var node = Process.Start(
            new ProcessStartInfo("node", ["--input-type=module", "-e", Parse])
            {
                WorkingDirectory = Path.Combine(ui.FullName, "src/gassel-ui"),
                RedirectStandardInput = true,
                RedirectStandardOutput = true,
            }
        )!;
        await node.StandardInput.WriteAsync(ics);
        node.StandardInput.Close();
        return JsonNode.Parse(await node.StandardOutput.ReadToEndAsync())!.AsArray();
    }

    /// <summary>Bags and trays are looked at between their steps.</summary>
    private static bool IsLook(JsonNode e) => e["summary"]!.GetValue<string>().EndsWith("look at it", StringComparison.Ordinal);

    private Task<string> File() => _book.Http.GetStringAsync("/api/calendar.ics");

    private async Task<int> Status(string path)
    {
        using var response = await _book.Http.GetAsync(path);
        return (int)response.StatusCode;
    }

    [Fact]
    public async Task Every_step_to_come_is_an_all_day_event_of_one_day()
    {
        var ics = await File();
        Assert.StartsWith("BEGIN:VCALENDAR\r\n", ics);
        Assert.All(ics.Split("\r\n"), line => Assert.True(System.Text.Encoding.UTF8.GetByteCount(line) <= 75, line));
        var all = await ReadBack(ics);
        Assert.All(all, e => Assert.True(e!["allDay"]!.GetValue<bool>()));
        var events = all.Where(e => !IsLook(e!)).ToList();
        Assert.Equal(
            ["2027-03-14", "2027-06-06", "2027-06-21", "2028-06-20", "2028-06-30"],
            events.Select(e => e!["start"]!.GetValue<string>()).Order(StringComparer.Ordinal)
        );
        var looks = all.Where(e => IsLook(e!)).Select(e => e!["start"]!.GetValue<string>()).Order(StringComparer.Ordinal).ToList();
        Assert.Equal("2027-03-21", looks[0]);
        // weekly to half of the shortest time, then twice a week, for it sprouts in the cold
        Assert.Equal(21, looks.Count);
        Assert.All(looks, day => Assert.InRange(day, "2027-03-21", "2027-06-05", StringComparer.Ordinal));
        var start = events.Single(e => e!["start"]!.GetValue<string>() == "2027-03-14")!;
        Assert.Equal(
            ("B-1 arrowleaf balsamroot: start cold-moist", "2027-03-15"),
            (start["summary"]!.GetValue<string>(), start["end"]!.GetValue<string>())
        );
        Assert.Empty(start["alarms"]!.AsArray());
    }

    [Fact]
    public async Task A_day_that_moves_is_an_update_of_the_same_event()
    {
        var before = await ReadBack(await File());
        _book.Clock.Advance(TimeSpan.FromDays(4));
        await _book.Record(
            _batch,
            "2027-03-18",
            "warn",
            """{"kind":"stepStarted","part":"1","step":0,"seeds":60,"place":"cold-shelf","vessel":null}"""
        );
        var after = await ReadBack(await File());
        Assert.Equal(before.Count - 1, after.Count);
        foreach (var moved in after)
        {
            var was = before.Single(e => e!["uid"]!.GetValue<string>() == moved!["uid"]!.GetValue<string>())!;
            Assert.NotEqual(was["start"]!.GetValue<string>(), moved!["start"]!.GetValue<string>());
            Assert.True(moved["sequence"]!.GetValue<int>() > was["sequence"]!.GetValue<int>());
        }
        Assert.Equal(after.Count, after.Select(e => e!["uid"]!.GetValue<string>()).Distinct().Count());
    }

    [Fact]
    public async Task Days_that_go_by_the_hour_have_an_alarm()
    {
        await _book.Post(
            "/api/lots",
            """{"speciesId":"globemallow","lot":{"gatheredAt":"burn","gatheredOn":"2026-08-01","counted":100}}"""
        );
        await _book.Post(
            "/api/batches",
            $$"""
            {"id":"{{Guid.NewGuid()}}","choice":"usual","seeds":10,"who":"grower","plan":{"speciesId":"globemallow","lotId":2,"plants":5,
            "target":"sow","date":"2027-06-01"} }
            """
        );
        var events = await ReadBack(await File());
        var soak = events.Single(e => e!["summary"]!.GetValue<string>() == "B-2 streambank globemallow: soak")!;
        Assert.Equal("PT8H", Assert.Single(soak["alarms"]!.AsArray())!.GetValue<string>());
    }

    [Fact]
    public async Task The_feed_has_an_address_that_nobody_guesses_and_that_can_be_taken_back()
    {
        Assert.Null((await _book.Get("/api/calendar"))["path"]);
        var (_, made) = await _book.Post("/api/calendar/address", "{}");
        var path = made["path"]!.GetValue<string>();
        Assert.Matches("^/calendar/[A-Za-z0-9_-]{43}\\.ics$", path);
        Assert.Equal(await File(), await _book.Http.GetStringAsync(path, TestContext.Current.CancellationToken));
        Assert.Equal(404, await Status("/calendar/wrong.ics"));

        var (_, anew) = await _book.Post("/api/calendar/address", "{}");
        Assert.NotEqual(path, anew["path"]!.GetValue<string>());
        Assert.Equal(404, await Status(path));
        await _book.Restart();
        Assert.Equal(200, await Status(anew["path"]!.GetValue<string>()));
        await _book.Send(HttpMethod.Delete, "/api/calendar/address");
        Assert.Equal(404, await Status(anew["path"]!.GetValue<string>()));
    }
}
