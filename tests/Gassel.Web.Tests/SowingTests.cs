using System.Text;
using System.Text.Json.Nodes;

namespace Gassel.Web.Tests;

/// <summary>Sowing and counting over HTTP: what may stand beside what, estimates, cells, and files of counts.</summary>
public sealed class SowingTests : IAsyncLifetime
{
    private readonly RunningBook _book = new();

    public async ValueTask InitializeAsync()
    {
        await _book.InitializeAsync();
        await _book.Put("/api/site?asOf=*", """{"name":"Test bench","latitude":46.8,"timeZone":"America/Denver","lastFrost":"05-08"}""");
    }

    public ValueTask DisposeAsync() => _book.DisposeAsync();

    private async Task<Guid> Batch(string species, int seeds = 60)
    {
        var (_, lot) = await _book.Post(
            "/api/lots",
            $$"""{"speciesId":"{{species}}","lot":{"gatheredAt":"slope","gatheredOn":"2026-07-01","counted":500,"assumedFraction":0.6} }"""
        );
        var id = Guid.NewGuid();
        var (status, made) = await _book.Post(
            "/api/batches",
            $$"""
            {"id":"{{id}}","choice":"nextSeason","seeds":{{seeds}},"who":"grower","plan":{"speciesId":"{{species}}","lotId":{{lot[
                "id"
            ]}},"plants":20,"target":"sow","date":"2027-03-01"} }
            """
        );
        Assert.True(status == 200, made.ToJsonString());
        return id;
    }

    [Fact]
    public async Task What_the_plan_says_of_cover_place_and_clumps_arrives_at_the_sowing()
    {
        var (_, lot) = await _book.Post(
            "/api/lots",
            """{"speciesId":"blue-flax","lot":{"gatheredAt":"slope","gatheredOn":"2026-07-01","counted":500,"assumedFraction":0.6} }"""
        );
        var id = Guid.NewGuid();
        string Wish(string place) =>
            $$"""
                {"id":"{{id}}","choice":"usual","seeds":60,"who":"grower","plan":{"speciesId":"blue-flax","lotId":{{lot[
                    "id"
                ]}},"plants":20,"target":"sow","date":"2027-03-20",
                 "seedsPerCell":6,"practice":"divide","cellsPerTray":50,"cover":"grit","place":"{{place}}"} }
                """;
        var (status, problem) = await _book.Post("/api/batches", Wish("moon"));
        Assert.Equal((404, "plan.place"), (status, problem["field"]!.GetValue<string>()));
        await _book.Post("/api/batches", Wish("heat-mat"));
        var part = (await _book.Get("/api/rounds"))["places"]!.AsArray().SelectMany(p => p!["parts"]!.AsArray()).Single()!;
        var sowing = part["sowing"]!;
        Assert.True(part["clump"]!.GetValue<bool>());
        Assert.Equal(
            ("grit", "heat-mat", 6, 50),
            (
                sowing["cover"]!.GetValue<string>(),
                sowing["place"]!.GetValue<string>(),
                sowing["seedsPerCell"]!.GetValue<int>(),
                sowing["vessel"]!["cells"]!.GetValue<int>()
            )
        );
        Assert.Equal("heat-mat", (await _book.Get($"/api/batches/{id}/sowing"))["usualPlace"]!.GetValue<string>());
    }

    private Task<(int Status, JsonNode Body)> Sow(
        Guid batch,
        string label,
        string cells,
        string ifConflict = "warn",
        string kind = "tray",
        string more = ""
    ) =>
        _book.Record(
            batch,
            "2027-03-01",
            ifConflict,
            $$"""
            {"kind":"sown","part":"1","place":"lamp-shelf","vessel":{"kind":"{{kind}}","label":"{{label}}","cells":72},"seeds":60,
            "cells":{{cells}}{{more}} }
            """
        );

    [Fact]
    public async Task Two_batches_share_a_tray_cell_by_cell_and_a_taken_cell_is_refused()
    {
        var (one, other) = (await Batch("globemallow"), await Batch("blue-flax"));
        Assert.Equal(200, (await Sow(one, "tray 9", "[1,2,3]")).Status);
        var (status, problem) = await Sow(other, "Tray 9", "[3,4]");
        Assert.Equal(409, status);
        Assert.Contains("Cell 3 of Tray 9 is taken by B-1.", problem["detail"]!.GetValue<string>(), StringComparison.Ordinal);
        var open = (await _book.Get($"/api/batches/{other}/sowing"))["trays"]!.AsArray().Single()!;
        Assert.Equal(69, open["free"]!.AsArray().Count);
        Assert.Equal(200, (await Sow(other, "tray 9", "[4,5]")).Status);
        var tray = (await _book.Get("/api/count"))["trays"]!.AsArray()[0]!;
        Assert.Single(tray["others"]!.AsArray());
        Assert.Equal(12, tray["grid"]!["columns"]!.GetValue<int>());
    }

    [Fact]
    public async Task Sown_over_another_it_is_kept_as_a_conflict_for_the_grower_to_settle()
    {
        var (one, other) = (await Batch("globemallow"), await Batch("blue-flax"));
        await Sow(one, "tray 9", "[1,2,3]");
        Assert.Equal(200, (await Sow(other, "tray 9", "null", "keep")).Status);
        var conflict = (await _book.Get("/api/rounds"))["conflicts"]!.AsArray().Single()!;
        Assert.Contains("tray 9 is taken by B-1", conflict["why"]!.GetValue<string>(), StringComparison.Ordinal);
    }

    [Fact]
    public async Task A_toxic_look_alike_is_refused_whoever_says_that_it_was_so()
    {
        var (camas, death) = (await Batch("small-camas"), await Batch("meadow-death-camas"));
        await _book.Record(
            camas,
            "2027-03-01",
            "warn",
            """{"kind":"stepStarted","part":"1","step":0,"seeds":60,"place":"cold-shelf","vessel":null}"""
        );
        await _book.Record(
            death,
            "2027-03-01",
            "warn",
            """{"kind":"stepStarted","part":"1","step":0,"seeds":60,"place":"cold-shelf","vessel":null}"""
        );
        Assert.Equal(200, (await Sow(camas, "tray 9", "[1,2,3]")).Status);
        var (status, problem) = await Sow(death, "tray 9", "[10,11]", "keep");
        Assert.Equal(400, status);
        Assert.Equal("entries[0].payload.vessel", problem["field"]!.GetValue<string>());
        Assert.Contains("look-alike", problem["detail"]!.GetValue<string>(), StringComparison.Ordinal);
        Assert.Empty((await _book.Get($"/api/batches/{death}/sowing"))["trays"]!.AsArray());
    }

    [Fact]
    public async Task A_tap_root_is_not_sown_into_a_tray_it_must_leave()
    {
        var id = await Batch("balsamroot");
        await _book.Record(
            id,
            "2027-03-01",
            "warn",
            """{"kind":"stepStarted","part":"1","step":0,"seeds":60,"place":"cold-shelf","vessel":null}"""
        );
        var (status, problem) = await Sow(id, "tray 1", "null");
        Assert.Equal(400, status);
        Assert.Contains("tap root", problem["detail"]!.GetValue<string>(), StringComparison.Ordinal);
        Assert.Equal(200, (await Sow(id, "cells 1", "null", kind: "deepCells")).Status);
        var view = await _book.Get($"/api/batches/{id}/sowing");
        Assert.Equal("deepCells", view["advice"]!["vessels"]![0]!.GetValue<string>());
        Assert.Contains(
            "mat",
            view["places"]!.AsArray().Single(p => p!["id"]!.GetValue<string>() == "heat-mat")!["warning"]!.GetValue<string>(),
            StringComparison.Ordinal
        );
        Assert.Equal(
            "05:00 to 21:00: 16 h light, 8 h dark",
            view["places"]!.AsArray().Single(p => p!["id"]!.GetValue<string>() == "lamp-shelf")!["light"]!.GetValue<string>()
        );
    }

    [Fact]
    public async Task Above_an_estimate_the_answer_names_the_estimate()
    {
        var id = await Batch("globemallow");
        await Sow(id, "tray 1", "null", more: ",\"estimatePercent\":20");
        var (status, problem) = await _book.Record(id, "2027-03-10", "warn", """{"kind":"count","part":"1","emerged":70,"lost":0}""");
        Assert.Equal(409, status);
        Assert.Equal("aboveEstimate", problem["conflicts"]![0]!["code"]!.GetValue<string>());
        var (raised, batch) = await _book.Record(
            id,
            "2027-03-10",
            "warn",
            """{"kind":"estimated","part":"1","seeds":80,"percent":15}""",
            """{"kind":"count","part":"1","emerged":70,"lost":0}"""
        );
        Assert.Equal(200, raised);
        Assert.Equal(80, batch["germination"]!["seeds"]!.GetValue<int>());
    }

    [Theory]
    [InlineData("""{"kind":"count","part":"1","emerged":1,"lost":0,"spots":[{"cell":1,"row":1,"emerged":1,"lost":0}]}""", "spots[0]")]
    [InlineData(
        """
            {"kind":"count","part":"1","emerged":2,"lost":0,"spots":[{"cell":1,"row":null,"emerged":1,"lost":0},{"cell":1,"row":null,
            "emerged":1,"lost":0}]}
            """,
        "spots"
    )]
    [InlineData("""{"kind":"count","part":"1","emerged":0,"lost":0,"cause":"frost"}""", "cause")]
    [InlineData("""{"kind":"cutTested","part":"1","full":0,"empty":0,"rotten":0}""", "full")]
    [InlineData("""{"kind":"estimated","part":"1","seeds":80,"percent":0}""", "percent")]
    [InlineData("""{"kind":"sown","part":"1","place":null,"vessel":null,"cells":[4,4]}""", "cells")]
    public async Task What_no_tray_could_hold_names_its_field(string payload, string field)
    {
        var id = await Batch("globemallow");
        var (status, problem) = await _book.Record(id, "2027-03-10", "warn", payload);
        Assert.Equal(400, status);
        Assert.Equal($"entries[0].payload.{field}", problem["field"]!.GetValue<string>());
    }

    [Fact]
    public async Task Counted_before_sowing_or_after_it_was_given_up_nothing_is_saved()
    {
        var id = await Batch("globemallow");
        Assert.Equal(409, (await _book.Record(id, "2027-02-10", "warn", """{"kind":"count","part":"1","emerged":1,"lost":0}""")).Status);
        await Sow(id, "tray 1", "null");
        var (_, batch) = await _book.Record(
            id,
            "2027-03-12",
            "warn",
            """{"kind":"cutTested","part":"1","full":0,"empty":9,"rotten":1}""",
            """{"kind":"sowingClosed","part":"1"}"""
        );
        Assert.Equal(50, batch["germination"]!["seeds"]!.GetValue<int>());
        var (status, problem) = await _book.Record(id, "2027-03-13", "warn", """{"kind":"count","part":"1","emerged":1,"lost":0}""");
        Assert.Equal(409, status);
        Assert.Contains("no longer waited for", problem["detail"]!.GetValue<string>(), StringComparison.Ordinal);
        Assert.Contains("finished", batch["summary"]!["status"]!.GetValue<string>(), StringComparison.Ordinal);
    }

    [Fact]
    public async Task Counts_go_out_as_a_file_and_come_back_at_their_own_tray_alone()
    {
        var (one, other) = (await Batch("globemallow"), await Batch("blue-flax"));
        await Sow(one, "tray 1", "null");
        await Sow(other, "tray 2", "null");
        await _book.Record(one, "2027-03-08", "warn", """{"kind":"count","part":"1","emerged":4,"lost":1,"cause":"dampingOff"}""");
        var csv = await _book.Http.GetStringAsync($"/api/counts.csv?batch={one}", TestContext.Current.CancellationToken);
        Assert.Equal("batch,species,part,tray,sown,date,day,emerged,lost,cause,rooted,by", csv.Split('\n')[0]);
        Assert.Equal("B-1,Iliamna rivularis,1,tray 1,2027-03-01,2027-03-08,7,4,1,damping off,0,tray", csv.Split('\n')[1]);
        async Task<JsonNode> Read(Guid id, string text) =>
            (
                await _book.Send(
                    HttpMethod.Post,
                    $"/api/batches/{id}/parts/1/counts-file?save=false&who=grower",
                    new StringContent(text, Encoding.UTF8, "text/csv")
                )
            ).Body;
        var strange = (await Read(other, csv))["rows"]![0]!["refused"]!.GetValue<string>();
        Assert.Contains("this is B-2", strange, StringComparison.Ordinal);
        Assert.Contains(
            "There is a count of",
            (await Read(one, csv))["rows"]![0]!["refused"]!.GetValue<string>(),
            StringComparison.Ordinal
        );
        Assert.Equal(
            1,
            (await Read(other, "date,emerged,lost,cause,tray\n2027-03-08,4,1,eaten,tray 2\n2027-03-09,4,1,witchcraft,tray 2\n"))[
                "accepted"
            ]!.GetValue<int>()
        );
    }
}
