using System.Text.Json.Nodes;

namespace Gassel.Web.Tests;

/// <summary>What happens every day at the bench, over HTTP in an empty book: seen, aired, watched, kept over winter.</summary>
public sealed class BenchDayTests : IAsyncLifetime
{
    private readonly RunningBook _book = new();

    public ValueTask InitializeAsync() => _book.InitializeAsync();

    public ValueTask DisposeAsync() => _book.DisposeAsync();

    private const string Sown = """
        {"kind":"sown","part":"1","place":"lamp-shelf","vessel":{"kind":"deepCells","label":"tray 1","cells":72},"seeds":60,
        "dome":true}
        """;

    /// <summary>Sixty seeds sown on 1 February, twenty up ten days later.</summary>
    private async Task<Guid> Up()
    {
        var batch = await _book.BatchOfBalsamroot();
        await Record(batch, "2027-02-01", Sown);
        await Record(batch, "2027-02-11", """{"kind":"count","part":"1","emerged":20,"lost":0}""");
        return batch;
    }

    private async Task Record(Guid batch, string day, params string[] payloads)
    {
        var (status, body) = await _book.Record(batch, day, "warn", payloads);
        Assert.True(status == 200, body.ToJsonString());
    }

    private async Task<JsonNode> Place(string id) =>
        (await _book.Get("/api/rounds"))["places"]!.AsArray().Single(p => p!["place"]!["id"]!.GetValue<string>() == id)!;

    private static List<string> Due(JsonNode place) =>
        [.. place["parts"]!.AsArray().SelectMany(p => p!["due"]!.AsArray()).Select(d => d!["due"]!["kind"]!.GetValue<string>())];

    [Fact]
    public async Task Every_symptom_is_listed_with_what_to_do_in_the_units_of_the_site()
    {
        var symptoms = (await _book.Get("/api/symptoms")).AsArray();
        Assert.Equal(Enum.GetValues<Core.Record.Symptom>().Length, symptoms.Count);
        Assert.Contains(
            "5–8 cm",
            symptoms.Single(s => s!["what"]!.GetValue<string>() == "leggy")!["toDo"]!.GetValue<string>(),
            StringComparison.Ordinal
        );
        Assert.Contains("label", symptoms[0]!["products"]!.GetValue<string>(), StringComparison.Ordinal);
    }

    [Fact]
    public async Task A_symptom_stands_at_its_place_until_it_is_gone_and_takes_the_loss_on_it()
    {
        var batch = await Up();
        await Record(batch, "2027-03-10", """{"kind":"symptomSeen","part":"1","what":"dampingOff","course":"seen"}""");
        var shelf = await Place("lamp-shelf");
        Assert.StartsWith(
            "Damping off in 1 of 1 vessel here",
            shelf["symptoms"]![0]!["words"]!.GetValue<string>(),
            StringComparison.Ordinal
        );
        Assert.Contains("lookAgain", Due(shelf));
        await Record(batch, "2027-03-11", """{"kind":"count","part":"1","emerged":0,"lost":3,"cause":"dampingOff"}""");
        var tale = (await _book.Get($"/api/batches/{batch}"))["parts"]![0]!["state"]!["symptoms"]![0]!;
        Assert.Equal((3, true), (tale["lost"]!.GetValue<int>(), tale["isOpen"]!.GetValue<bool>()));
        await Record(batch, "2027-03-12", """{"kind":"symptomSeen","part":"1","what":"dampingOff","course":"gone"}""");
        Assert.Empty((await Place("lamp-shelf"))["symptoms"]!.AsArray());
        var log = (await _book.Get($"/api/batches/{batch}"))["log"]!.AsArray().Select(l => l!["words"]!.GetValue<string>()).ToList();
        Assert.Contains("Saw damping off.", log);
        Assert.Contains("Looked again at damping off: gone.", log);
    }

    [Fact]
    public async Task Domes_and_lamps_are_jobs_of_their_place()
    {
        var batch = await Up();
        var shelf = await Place("lamp-shelf");
        Assert.Single(shelf["airing"]!["parts"]!.AsArray());
        Assert.Equal(batch, shelf["lamps"]!["parts"]![0]!["batch"]!.GetValue<Guid>());
        await Record(
            batch,
            "2027-03-14",
            """{"kind":"tended","part":"1","what":"domeAired"}""",
            """{"kind":"tended","part":"1","what":"lampsRaised"}"""
        );
        shelf = await Place("lamp-shelf");
        Assert.Null(shelf["airing"]);
        Assert.Equal("2027-03-28", shelf["lamps"]!["dueOn"]!.GetValue<string>());
    }

    [Fact]
    public async Task A_height_is_kept_and_one_that_cannot_be_is_refused_by_its_field()
    {
        var batch = await Up();
        await Record(batch, "2027-03-10", """{"kind":"measured","part":"1","heightMm":41.5}""");
        Assert.Equal(41.5, (await _book.Get($"/api/batches/{batch}"))["parts"]![0]!["state"]!["heights"]![0]!["mm"]!.GetValue<double>());
        var (status, problem) = await _book.Record(batch, "2027-03-10", "warn", """{"kind":"measured","part":"1","heightMm":0}""");
        Assert.Equal((400, "entries[0].payload.heightMm"), (status, problem["field"]!.GetValue<string>()));
    }

    [Fact]
    public async Task Pots_outdoors_are_watched_for_a_freeze_and_covered_in_one_tap()
    {
        await _book.Put("/api/site?asOf=*", """{"name":"Test bench","latitude":46.8,"timeZone":"America/Denver","lastFrost":"05-08"}""");
        var batch = await Up();
        await Record(
            batch,
            "2027-03-10",
            """{"kind":"movedOn","part":"1","from":"seedling","to":"potted","plants":20}""",
            """{"kind":"moved","part":"1","place":"yard"}"""
        );
        Assert.Empty((await Place("yard"))["out"]!.AsArray());
        var told = """{"who":"grower","days":[{"date":"2027-03-16","lowC":-8,"highC":8}]}""";
        Assert.Equal(200, (await _book.Post("/api/forecast", told)).Status);
        var freeze = (await Place("yard"))["out"]!.AsArray().Single(w => w!["kind"]!.GetValue<string>() == "freeze")!;
        Assert.Equal("covered", freeze["do"]!.GetValue<string>());
        Assert.Contains("not hardened off", freeze["reason"]!.GetValue<string>(), StringComparison.Ordinal);
        await Record(batch, "2027-03-14", """{"kind":"tended","part":"1","what":"covered"}""");
        var still = (await Place("yard"))["out"]!.AsArray().Single(w => w!["kind"]!.GetValue<string>() == "freeze")!;
        Assert.Null(still["do"]);
    }

    [Fact]
    public async Task The_ways_through_the_winter_come_with_days_and_room_and_one_is_chosen()
    {
        await _book.Put(
            "/api/site?asOf=*",
            """
            {"name":"Test bench","latitude":46.8,"timeZone":"America/Denver","lastFrost":"05-08","settings":{"firstFrost":"10-05"} }
            """
        );
        var batch = await Up();
        // what is small in March is this spring's
        Assert.Empty((await _book.Get($"/api/batches/{batch}/winter"))["parts"]!.AsArray());
        _book.Clock.Advance(TimeSpan.FromDays(180));
        var winter = (await _book.Get($"/api/batches/{batch}/winter"))["parts"]![0]!;
        Assert.True(winter["ways"]!["isLate"]!.GetValue<bool>());
        Assert.Equal(3, winter["choices"]!.AsArray().Count);
        Assert.Contains("1 tray needed", winter["choices"]![0]!["room"]!.GetValue<string>(), StringComparison.Ordinal);
        await Record(batch, "2027-09-10", """{"kind":"winterChosen","part":"1","way":"underLamps","until":"2028-04-28"}""");
        var part = (await _book.Get($"/api/batches/{batch}"))["parts"]![0]!["state"]!;
        Assert.Equal("underLamps", part["winter"]!["way"]!.GetValue<string>());
        Assert.Equal(404, (await _book.Send(HttpMethod.Get, $"/api/batches/{Guid.NewGuid()}/winter")).Status);
        // without that frost it is no all-clear
        await _book.Put(
            "/api/site?asOf=*",
            """{"name":"Test bench","latitude":46.8,"timeZone":"America/Denver","lastFrost":"05-08","settings":{}}"""
        );
        Assert.Contains("enter the first frost", (await _book.Get($"/api/batches/{batch}/winter"))["unknown"]!.GetValue<string>());
    }

    [Fact]
    public async Task A_species_of_ones_own_grows_on_in_its_own_way()
    {
        var kind = (await _book.Get("/api/species")).AsArray().Single(s => s!["species"]!["id"]!.GetValue<string>() == "blue-flax")!;
        Assert.Equal("Leaves its tray at the first true leaves.", kind["growsOn"]![0]!.GetValue<string>());
        string Edit(string growing) =>
            $$"""
                {"scientificName":"Linum lewisii","commonName":"blue flax","dormancyClass":"none","depth":null,
                "flags":["slimyWhenWet"],"hazard":"none","hazardNote":null,"nightC":null,"sowingDepth":null,"lookAlike":null,
                "notes":null,"coldResponse":null,"seedSize":null,
                "germination":{"lowC":10,"highC":20},"hardiness":"hardy","longevity":"medium","origin":"own results","growing":{{growing}} }
                """;
        var (status, saved) = await _book.Put(
            "/api/species/blue-flax?asOf=*",
            Edit("""{"leaves":"height","leaveHeightMm":75,"appetite":"heavy","repotWeeks":4}""")
        );
        Assert.True(status == 200, saved.ToJsonString());
        Assert.Equal(
            ["Leaves its tray at 7.5 cm.", "Fed every 7 to 10 days, by the label.", "Into the next pot every 4 weeks, 2.5 to 5 cm wider."],
            saved["growsOn"]!.AsArray().Select(l => l!.GetValue<string>())
        );
        var (refused, problem) = await _book.Put(
            "/api/species/blue-flax?asOf=*",
            Edit("""{"leaves":"weeks","leaveFromWeeks":12,"leaveToWeeks":8}""")
        );
        Assert.Equal((400, "growing.leaveToWeeks"), (refused, problem["field"]!.GetValue<string>()));
    }

    [Fact]
    public async Task A_bed_is_sown_after_the_first_killing_frost_where_it_is_known()
    {
        await _book.BatchOfBalsamroot();
        async Task<JsonNode> Plan() =>
            (
                await _book.Post(
                    "/api/plan",
                    """
                    {"speciesId":"balsamroot","routeId":"balsamroot-autumn-bed","lotId":1,"plants":20,
                    "target":"plantOut","date":"2030-05-18"}
                    """
                )
            ).Body;
        const string site = """{"name":"Test bench","latitude":46.8,"timeZone":"America/Denver","lastFrost":"05-08","settings":{}}""";
        await _book.Put("/api/site?asOf=*", site);
        Assert.Contains("enter that frost on Site", (await Plan())["frost"]!.ToJsonString(), StringComparison.Ordinal);
        await _book.Put("/api/site?asOf=*", site.Replace("{}", """{"firstFrost":"10-05"}""", StringComparison.Ordinal));
        var plan = await Plan();
        Assert.Equal(("start", "2027-10-05"), (plan["anchor"]!["event"]!.GetValue<string>(), plan["anchor"]!["date"]!.GetValue<string>()));
        Assert.Contains("after the first killing frost", plan["frost"]!.ToJsonString(), StringComparison.Ordinal);
    }
}
