using System.Text.Json.Nodes;
using Gassel.Web.Hosting;
using Gassel.Web.Runtime;

namespace Gassel.Web.Tests;

/// <summary>The whole winter over HTTP: rows, room, another start, and ways taken.</summary>
public sealed class SeasonTests : IAsyncLifetime
{
    private readonly RunningBook _book = new();
    private Guid _batch;

    public async ValueTask InitializeAsync()
    {
        await _book.InitializeAsync();
        _batch = await _book.BatchOfBalsamroot();
    }

    public ValueTask DisposeAsync() => _book.DisposeAsync();

    private static string Text(JsonNode? node) => node!.GetValue<string>();

    [Fact]
    public async Task A_batch_is_a_ribbon_with_the_window_of_its_start()
    {
        var season = await _book.Get("/api/season");
        Assert.Equal(("2026-08-01", "2027-11-01"), (Text(season["from"]), Text(season["to"])));
        var row = Assert.Single(season["rows"]!.AsArray())!;
        Assert.Equal("2027-03-14", Text(row["ribbon"]![0]!["start"]));
        // shortest 60 days, longest 112 before a sowing on 6 June
        Assert.Equal(("2027-02-14", "2027-04-07"), (Text(row["window"]!["from"]), Text(row["window"]!["to"])));
        Assert.Empty(season["frost"]!.AsArray());
    }

    [Fact]
    public async Task Another_start_is_tried_without_saving()
    {
        var before = (await _book.Get("/api/season")).ToJsonString();
        var (status, answer) = await _book.Post($"/api/batches/{_batch}/what-if", """{"startOn":"2027-04-10"}""");
        Assert.True(status == 200, answer.ToJsonString());
        Assert.Equal("2027-07-03", Text(answer["outlook"]!["sow"]!["usual"]));
        Assert.Equal(27, answer["outlook"]!["lateDays"]!.GetValue<int>());
        Assert.Equal(before, (await _book.Get("/api/season")).ToJsonString());

        Assert.Equal(400, (await _book.Post($"/api/batches/{_batch}/what-if", """{"startOn":"2027-03-01"}""")).Status);
        Assert.Equal(404, (await _book.Post($"/api/batches/{Guid.NewGuid()}/what-if", """{"startOn":"2027-04-10"}""")).Status);
        await _book.Record(
            _batch,
            "2027-03-14",
            "warn",
            """{"kind":"stepStarted","part":"1","step":0,"seeds":60,"place":"cold-shelf","vessel":null}"""
        );
        Assert.Equal("startOn", Text((await _book.Post($"/api/batches/{_batch}/what-if", """{"startOn":"2027-04-10"}""")).Body["field"]));
    }

    [Fact]
    public async Task A_late_start_shows_its_consequence_and_a_way_taken_is_kept_and_can_be_taken_back()
    {
        _book.Clock.Advance(TimeSpan.FromDays(12));
        await _book.Record(
            _batch,
            "2027-03-26",
            "warn",
            """{"kind":"stepStarted","part":"1","step":0,"seeds":60,"place":"cold-shelf","vessel":null}"""
        );
        async Task<JsonNode> Outlook() => (await _book.Get($"/api/batches/{_batch}"))["parts"]![0]!["outlook"]!;
        var late = await Outlook();
        Assert.Equal((12, true), (late["lateDays"]!.GetValue<int>(), late["inReach"]!.GetValue<bool>()));
        Assert.Equal(12, (await _book.Get("/api/season"))["rows"]![0]!["missesBy"]!.GetValue<int>());

        var id = Guid.NewGuid();
        var take = $$"""{"id":"{{id}}","part":"1","choice":"shorten","who":"grower"}""";
        Assert.Equal(
            400,
            (await _book.Post($"/api/batches/{_batch}/replan", take.Replace("shorten", "nextSeason", StringComparison.Ordinal))).Status
        );
        var (status, done) = await _book.Post($"/api/batches/{_batch}/replan", take);
        Assert.True(status == 200, done.ToJsonString());
        // a doubled press is one way
        Assert.Equal(200, (await _book.Post($"/api/batches/{_batch}/replan", take)).Status);
        Assert.Equal(0, (await Outlook())["lateDays"]!.GetValue<int>());
        var batch = await _book.Get($"/api/batches/{_batch}");
        Assert.Equal(72, batch["plan"]!["steps"]![0]!["plannedDays"]!.GetValue<int>());
        Assert.StartsWith("Replanned: cold-moist 72 days", Text(batch["log"]!.AsArray()[^1]!["words"]));
        // the book read anew says the same
        await _book.Restart();
        Assert.Equal(0, (await Outlook())["lateDays"]!.GetValue<int>());

        await _book.Record(_batch, "2027-03-26", "warn", $$"""{"kind":"void","entry":"{{id}}"}""");
        Assert.Equal(12, (await Outlook())["lateDays"]!.GetValue<int>());
    }

    [Fact]
    public async Task Entries_that_arrive_out_of_order_or_end_before_they_began_are_told_or_kept_as_conflicts()
    {
        const string end = """{"kind":"stepEnded","part":"1","step":0}""";
        var (status, problem) = await _book.Record(_batch, "2027-03-10", "warn", end);
        Assert.Equal(409, status);
        Assert.NotEmpty(problem["conflicts"]!.AsArray());
        // kept from another device, and mended when the start arrives later with an earlier day
        Assert.Equal(200, (await _book.Record(_batch, "2027-03-10", "keep", end)).Status);
        Assert.Equal(1, (await _book.Get("/api/batches"))[0]!["conflicts"]!.GetValue<int>());
        await _book.Record(
            _batch,
            "2027-03-08",
            "keep",
            """{"kind":"stepStarted","part":"1","step":0,"seeds":60,"place":"cold-shelf","vessel":null}"""
        );
        Assert.Equal(0, (await _book.Get("/api/batches"))[0]!["conflicts"]!.GetValue<int>());
    }

    [Fact]
    public async Task The_demo_names_the_days_that_overflow_with_a_way_out_of_them()
    {
        var folder = Directory.CreateTempSubdirectory("gassel-season-").FullName;
        await using (var app = GasselHost.Build(new Launch(0, folder, Demo: true), _book.Clock))
        {
            await app.StartAsync(TestContext.Current.CancellationToken);
            using var http = new HttpClient { BaseAddress = new Uri(app.Urls.First()) };
            var season = JsonNode.Parse(await http.GetStringAsync("/api/season", TestContext.Current.CancellationToken))!;
            Assert.NotEmpty(season["frost"]!.AsArray());
            Assert.Contains(season["space"]!.AsArray(), p => p!["overflows"]!.AsArray().Count > 0 && p["suggestion"] is not null);
            // snowberry and trillium kinds run over two winters; balsamroot of last winter still grows on
            Assert.Contains(season["rows"]!.AsArray(), r => r!["number"]!.GetValue<int>() == 19);
            Assert.DoesNotContain(season["rows"]!.AsArray(), r => r!["number"]!.GetValue<int>() == 17);
        }
        Directory.Delete(folder, recursive: true);
    }
}
