using System.Text.Json;
using System.Text.Json.Nodes;

namespace Gassel.Web.Tests;

/// <summary>A winter already under way, entered line by line.</summary>
public sealed class ToldTests : IAsyncLifetime
{
    private readonly RunningBook _book = new();

    public async ValueTask InitializeAsync()
    {
        await _book.InitializeAsync();
        await _book.Put("/api/site?asOf=*", """{"name":"Test bench","latitude":46.8,"timeZone":"America/Denver","lastFrost":"05-08"}""");
        await _book.Post(
            "/api/lots",
            """{"speciesId":"balsamroot","lot":{"gatheredAt":"slope","gatheredOn":"2026-07-01","counted":500}}"""
        );
        await _book.Post(
            "/api/lots",
            """{"speciesId":"globemallow","lot":{"gatheredAt":"burn","gatheredOn":"2026-07-01","counted":100}}"""
        );
        await _book.Post(
            "/api/lots",
            """{"speciesId":"globemallow","lot":{"gatheredAt":"road","gatheredOn":"2025-07-01","counted":100}}"""
        );
    }

    public ValueTask DisposeAsync() => _book.DisposeAsync();

    private Task<(int Status, JsonNode Body)> Lines(string text) => _book.Post("/api/told/lines", JsonSerializer.Serialize(new { text }));

    private async Task<JsonNode> Tell(bool save, params string[] lines)
    {
        var cells = lines
            .Select(l => l.Split('|'))
            .Select(c => new
            {
                species = c[0],
                lot = c[1],
                step = c[2],
                since = c[3],
                seeds = c[4],
                place = c[5],
                route = c.ElementAtOrDefault(6) ?? "",
                vessel = c.ElementAtOrDefault(7) ?? "",
                cells = c.ElementAtOrDefault(8) ?? "",
            });
        var (status, report) = await _book.Post(
            "/api/told",
            JsonSerializer.Serialize(
                new
                {
                    lines = cells,
                    save,
                    who = "grower",
                }
            )
        );
        Assert.True(status == 200, report.ToJsonString());
        return report;
    }

    [Fact]
    public async Task A_tray_in_a_frame_is_sown_as_indoors_and_a_jug_there_as_outdoors()
    {
        await _book.Post("/api/places", """{"name":"North frame","kind":"coldFrame","dayC":12,"nightC":2}""");
        var lines = (
            await Tell(
                false,
                "globemallow|2|sown|1 Mar 2027|40|North frame||deep cells",
                "balsamroot||cold-moist|20 Dec 2026|40|North frame||jug"
            )
        )["lines"]!;
        Assert.Contains("deep cells, North frame", lines[0]!["words"]!.GetValue<string>(), StringComparison.Ordinal);
        Assert.Contains("winter container", lines[1]!["words"]!.GetValue<string>(), StringComparison.Ordinal);
    }

    [Fact]
    public async Task Eighty_bags_since_january_are_batches_in_the_cold_told_and_not_watched()
    {
        var lines = Enumerable.Range(0, 80).Select(i => "arrowleaf balsamroot|1|cold-moist|12 Jan 2027|6|").ToArray();
        var report = await Tell(true, lines);
        Assert.Equal(
            (80, 0, 80),
            (report["accepted"]!.GetValue<int>(), report["refused"]!.GetValue<int>(), report["saved"]!.AsArray().Count)
        );
        var batches = (await _book.Get("/api/batches")).AsArray();
        Assert.Equal(80, batches.Count);
        Assert.StartsWith("cold-moist, day 61 of 84", batches[0]!["status"]!.GetValue<string>());
        var batch = await _book.Get($"/api/batches/{batches[0]!["id"]}");
        Assert.Equal("told", batch["log"]![0]!["source"]!.GetValue<string>());
        Assert.Empty(batch["parts"]![0]!["outlook"]!["changes"]!.AsArray());
        Assert.Equal(20, (await _book.Get("/api/lots"))[0]!["seedsLeft"]!.GetValue<int>());
    }

    [Fact]
    public async Task A_step_in_the_middle_of_a_route_begins_there()
    {
        await Tell(true, "streambank globemallow|burn|cold-moist|1 Mar|60|Cold shelf");
        var batch = await _book.Get($"/api/batches/{(await _book.Get("/api/batches"))[0]!["id"]}");
        Assert.Equal(2, batch["parts"]![0]!["state"]!["spans"]![0]!["step"]!.GetValue<int>());
        Assert.Equal("2027-03-01", batch["parts"]![0]!["state"]!["spans"]![0]!["start"]!.GetValue<string>());
        Assert.Equal("2027-02-28", batch["plan"]!["start"]!.GetValue<string>());
    }

    private async Task<JsonNode> Newest() =>
        await _book.Get($"/api/batches/{(await _book.Get("/api/batches")).AsArray().MaxBy(b => b!["number"]!.GetValue<int>())!["id"]}");

    [Fact]
    public async Task Jugs_that_stand_out_are_told_with_route_and_vessel()
    {
        await _book.Post(
            "/api/lots",
            """{"speciesId":"small-camas","lot":{"gatheredAt":"meadow","gatheredOn":"2026-07-01","counted":300}}"""
        );
        var report = await Tell(
            true,
            "small camas||sown|20 Dec 2026|40|||jugs",
            "small camas||cold-moist|20 Dec 2026|40||winter container|pots"
        );
        Assert.Equal(2, report["accepted"]!.GetValue<int>());
        var pots = (await Newest())["parts"]![0]!["state"]!;
        Assert.Equal(
            ("pot", "2026-12-20", "container", "pot 2"),
            (
                pots["setup"]!["kind"]!.GetValue<string>(),
                pots["sownOn"]!.GetValue<string>(),
                pots["vessel"]!["kind"]!.GetValue<string>(),
                pots["vessel"]!["label"]!.GetValue<string>()
            )
        );
        Assert.Equal(
            ["jug 1", "pot 2"],
            (await _book.Get("/api/yard"))["spots"]!
                .AsArray()
                .SelectMany(s => s!["containers"]!.AsArray())
                .Select(c => c!["label"]!.GetValue<string>())
                .Order()
        );
        // straw of pots told afterwards stands on Rounds, dated from the day they went out
        var straw = (await _book.Get("/api/rounds"))["places"]!
            .AsArray()
            .SelectMany(p => p!["parts"]!.AsArray())
            .SelectMany(p => p!["due"]!.AsArray())
            .Single(d => d!["due"]!["kind"]!.GetValue<string>() == "strawMostOff")!;
        Assert.Contains("Set out 20 Dec", straw["due"]!["working"]![0]!.GetValue<string>(), StringComparison.Ordinal);
    }

    [Fact]
    public async Task A_sown_tray_is_told_with_its_cells_and_counted_by_them()
    {
        await Tell(true, "streambank globemallow|burn|sown|1 Mar|60||||72");
        var state = (await Newest())["parts"]![0]!["state"]!;
        Assert.Equal(
            (72, "tray 1", "2027-03-01"),
            (state["vessel"]!["cells"]!.GetValue<int>(), state["vessel"]!["label"]!.GetValue<string>(), state["sownOn"]!.GetValue<string>())
        );
        Assert.Equal(12, (await _book.Get("/api/count"))["trays"]![0]!["grid"]!["columns"]!.GetValue<int>());
    }

    [Fact]
    public async Task A_day_with_slashes_goes_by_the_order_of_the_site()
    {
        async Task<string> Since() =>
            (await Tell(false, "arrowleaf balsamroot|1|cold-moist|1/2/2027|6|"))["lines"]![0]!["words"]!.GetValue<string>();
        Assert.Contains("since 1 Feb", await Since(), StringComparison.Ordinal);
        await _book.Put(
            "/api/site?asOf=*",
            """{"name":"Test bench","latitude":46.8,"timeZone":"America/Denver","lastFrost":"05-08","settings":{"units":"unitedStates"}}"""
        );
        Assert.Contains("since 2 Jan", await Since(), StringComparison.Ordinal);
    }

    [Theory]
    [InlineData("arrowleaf balsamroot|1|cold-moist|2027-01-12|10||nowhere", "route", null)]
    [InlineData("arrowleaf balsamroot|1|cold-moist|2027-01-12|10|||barrel", "vessel", "bag")]
    [InlineData("arrowleaf balsamroot|1|cold-moist|2027-01-12|10||||72", "cells", null)]
    [InlineData("streambank globemallow|burn|sown|2027-03-01|10||||many", "cells", null)]
    [InlineData("arrowleaf balsamrot|1|cold-moist|2027-01-12|10|", "species", "arrowleaf balsamroot")]
    [InlineData("streambank globemallow||cold-moist|2027-01-12|10|", "lot", "2 burn, 2026")]
    [InlineData("arrowleaf balsamroot|9|cold-moist|2027-01-12|10|", "lot", "1 slope, 2026")]
    [InlineData("small camas||cold-moist|2027-01-12|10|", "lot", null)]
    [InlineData("arrowleaf balsamroot|1|soak|2027-01-12|10|", "step", "cold-moist")]
    [InlineData("arrowleaf balsamroot|1|cold-moist|2027-13-12|10|", "since", null)]
    [InlineData("arrowleaf balsamroot|1|cold-moist|2027-03-20|10|", "since", null)]
    [InlineData("arrowleaf balsamroot|1|cold-moist|2026-06-20|10|", "since", null)]
    [InlineData("arrowleaf balsamroot|1|cold-moist|2027-01-12|ten|", "seeds", null)]
    [InlineData("arrowleaf balsamroot|1|cold-moist|2027-01-12|501|", "seeds", null)]
    [InlineData("arrowleaf balsamroot|1|cold-moist|2027-01-12|10|attic", "place", "Cold shelf")]
    public async Task A_line_that_is_not_clear_is_asked_about_and_not_guessed(string line, string field, string? offered)
    {
        var report = await Tell(true, line);
        var verdict = report["lines"]![0]!;
        Assert.Equal(field, verdict["field"]!.GetValue<string>());
        Assert.NotNull(verdict["refused"]);
        if (offered is not null)
            Assert.Contains(offered, verdict["didYouMean"]!.AsArray().Select(n => n!.GetValue<string>()));
        Assert.Empty((await _book.Get("/api/batches")).AsArray());
    }

    [Fact]
    public async Task A_lot_is_not_told_away_twice()
    {
        var report = await Tell(
            false,
            "arrowleaf balsamroot|1|cold-moist|12 Jan 2027|300|",
            "arrowleaf balsamroot|1|cold-moist|12 Jan 2027|300|"
        );
        Assert.Equal(1, report["accepted"]!.GetValue<int>());
        Assert.Contains("200 left", report["lines"]![1]!["refused"]!.GetValue<string>());
    }

    [Fact]
    public async Task A_paste_is_cut_into_lines_whatever_its_columns_are_called()
    {
        var (_, tabs) = await Lines("small camas\t1\tcold-moist\t12 Jan 2027\t80\n\nsaskatoon\t\tcold-moist\t3 Feb\t40\tCold shelf\n");
        Assert.Equal(2, tabs.AsArray().Count);
        Assert.Equal("Cold shelf", tabs[1]!["place"]!.GetValue<string>());
        var (_, named) = await Lines("Seeds;Species;Since;Step;Lot\n80;small camas;12 Jan 2027;cold-moist;1\n");
        Assert.Equal(
            ("small camas", "80", ""),
            (named[0]!["species"]!.GetValue<string>(), named[0]!["seeds"]!.GetValue<string>(), named[0]!["place"]!.GetValue<string>())
        );
    }

    [Theory]
    [InlineData("species,since\nsmall camas,12 Jan 2027\n", "lot, step, seeds")]
    [InlineData("small camas\t12 Jan 2027\n", "2 cells")]
    [InlineData("  ", "nothing in it")]
    [InlineData("species,lot,step,since,seeds\n\"small camas,1,cold-moist,12 Jan,3\n", "quotation mark")]
    public async Task A_paste_with_half_the_columns_is_told_which_are_wanted(string text, string said)
    {
        var (status, problem) = await Lines(text);
        Assert.Equal((400, "text"), (status, problem["field"]!.GetValue<string>()));
        Assert.Contains(said, problem["detail"]!.GetValue<string>());
    }
}
