using System.Text.Json.Nodes;

namespace Gassel.Web.Tests;

/// <summary>A trial over HTTP: from its layout to its sentence, and what is refused on the way.</summary>
public sealed class TrialTests : IAsyncLifetime
{
    private readonly RunningBook _book = new();
    private readonly Guid _control = Guid.NewGuid();
    private readonly Guid _treated = Guid.NewGuid();

    public async ValueTask InitializeAsync()
    {
        await _book.InitializeAsync();
        await _book.Put("/api/site?asOf=*", """{"name":"Test bench","latitude":46.8,"timeZone":"America/Denver","lastFrost":"05-08"}""");
        await _book.Post(
            "/api/lots",
            """{"speciesId":"prairie-smoke","lot":{"gatheredAt":"meadow","gatheredOn":"2026-07-01","counted":300,"assumedFraction":0.6}}"""
        );
    }

    public ValueTask DisposeAsync() => _book.DisposeAsync();

    private string Wish(string arms = "", int seeds = 24, string more = "") =>
        $$"""
            {"name":"deep or not","changed":"depth","speciesId":"prairie-smoke","lotId":1,"seedsPerArm":{{seeds}},"layout":"cellsMixed",
            "sowOn":"2027-03-14","randomSeed":7{{more}},
             "arms":[{"batch":"{{_control}}","name":"shallow"}{{(
                arms.Length > 0 ? arms : $$""",{"batch":"{{_treated}}","name":"deep","depthMm":9}"""
            )}}]}
            """;

    private async Task<JsonNode> Make(Guid id, string? wish = null)
    {
        var (status, made) = await _book.Post("/api/trials", $$"""{"id":"{{id}}","who":"grower","trial":{{wish ?? Wish()}} }""");
        Assert.True(status == 200, made.ToJsonString());
        return made;
    }

    /// <summary>Records what the trial says that sowing by the layout records.</summary>
    private async Task SowByLayout(JsonNode trial)
    {
        foreach (var arm in trial["arms"]!.AsArray())
        {
            var (status, body) = await _book.Record(
                arm!["arm"]!["batch"]!.GetValue<Guid>(),
                "2027-03-14",
                "warn",
                [.. arm["sowing"]!.AsArray().Select(p => p!.ToJsonString())]
            );
            Assert.True(status == 200, body.ToJsonString());
        }
    }

    [Fact]
    public async Task Arms_may_differ_in_their_vessel()
    {
        var arms = $$""",{"batch":"{{_treated}}","name":"deep","vessel":"deepCells"}""";
        var own = Wish(arms).Replace("cellsMixed", "ownVessels", StringComparison.Ordinal);
        await SowByLayout(await Make(Guid.NewGuid(), own));
        var sown = (await _book.Get($"/api/batches/{_treated}"))["parts"]!.AsArray().Last()!["state"]!["vessel"]!;
        Assert.Equal("deepCells", sown["kind"]!.GetValue<string>());
        var (status, problem) = await _book.Post("/api/trials/layout", own.Replace("\"deepCells\"", "\"bag\"", StringComparison.Ordinal));
        Assert.Equal((400, "arms[1].vessel"), (status, problem["field"]!.GetValue<string>()));
    }

    [Fact]
    public async Task Arms_may_differ_in_mix_filling_or_water_where_they_share_no_tray()
    {
        var arms = $$""",{"batch":"{{_treated}}","name":"wicked","filling":"dryWicked","water":"neverDry"}""";
        var (status, problem) = await _book.Post("/api/trials/layout", Wish(arms));
        Assert.Equal((400, "layout"), (status, problem["field"]!.GetValue<string>()));
        var own = Wish(arms).Replace("cellsMixed", "ownVessels", StringComparison.Ordinal);
        var (laid, preview) = await _book.Post("/api/trials/layout", own);
        Assert.True(laid == 200, preview.ToJsonString());
        // two things are changed at once, and that is said
        Assert.Contains(
            "wicked differs from the control in filling and water",
            preview["warnings"]!.ToJsonString(),
            StringComparison.Ordinal
        );
        await SowByLayout(await Make(Guid.NewGuid(), own));
        var sown = (await _book.Get($"/api/batches/{_treated}"))["parts"]!.AsArray().Last()!["state"]!["sownAs"]!;
        Assert.Equal(("dryWicked", "neverDry"), (sown["filling"]!.GetValue<string>(), sown["water"]!.GetValue<string>()));
    }

    [Fact]
    public async Task A_trial_is_laid_out_sown_counted_and_told_in_a_sentence()
    {
        var id = Guid.NewGuid();
        var made = await Make(id);
        Assert.Equal(made["number"]!.GetValue<int>(), (await Make(id))["number"]!.GetValue<int>());
        Assert.Single((await _book.Get("/api/trials")).AsArray());
        Assert.Equal(2, (await _book.Get("/api/batches")).AsArray().Count);
        await SowByLayout(made);
        var sown = await _book.Get($"/api/trials/{id}");
        Assert.All(sown["arms"]!.AsArray(), a => Assert.True(a!["isSown"]!.GetValue<bool>()));
        var deep = (await _book.Get($"/api/batches/{_treated}"))["parts"]![0]!["state"]!;
        Assert.Equal(9, deep["sownAs"]!["depthMm"]!.GetValue<double>());
        Assert.Equal(24, deep["sownAs"]!["cells"]!.AsArray().Count);

        _book.Clock.Advance(TimeSpan.FromDays(30));
        await _book.Record(_control, "2027-03-28", "warn", """{"kind":"count","part":"1","emerged":18,"lost":0}""");
        await _book.Record(_treated, "2027-03-28", "warn", """{"kind":"count","part":"1","emerged":9,"lost":0}""");
        var result = (await _book.Get($"/api/trials/{id}"))["result"]!;
        Assert.Equal(
            "Deep came up less than shallow: 38 % and 75 %, 38 points less (between 9 and 58). This is unlikely to be chance.",
            result["sentence"]!.GetValue<string>()
        );

        // counted, the arms stay as they are
        var (status, refused) = await _book.Put($"/api/trials/{id}", """{"name":"x","changed":"y","armNames":["a","b"],"blind":false}""");
        Assert.Equal(409, status);
        Assert.Contains("has been counted", refused["detail"]!.GetValue<string>(), StringComparison.Ordinal);
    }

    [Fact]
    public async Task The_same_wish_is_laid_out_the_same_and_says_what_spoils_it()
    {
        var (_, one) = await _book.Post("/api/trials/layout", Wish());
        var (_, again) = await _book.Post("/api/trials/layout", Wish());
        Assert.Equal(one["design"]!["plots"]!.ToJsonString(), again["design"]!["plots"]!.ToJsonString());
        Assert.Empty(one["warnings"]!.AsArray());
        var (_, alone) = await _book.Post(
            "/api/trials/layout",
            Wish(more: ",\"replicates\":1").Replace("cellsMixed", "ownVessels", StringComparison.Ordinal)
        );
        Assert.Contains("cannot be told apart", alone["warnings"]![0]!.GetValue<string>(), StringComparison.Ordinal);
        Assert.Empty((await _book.Get("/api/batches")).AsArray());
    }

    [Fact]
    public async Task Vessels_of_their_own_are_parts_of_the_batch_and_keep_every_seed()
    {
        var id = Guid.NewGuid();
        await SowByLayout(await Make(id, Wish(more: ",\"replicates\":3").Replace("cellsMixed", "ownVessels", StringComparison.Ordinal)));
        var parts = (await _book.Get($"/api/batches/{_control}"))["parts"]!
            .AsArray()
            .Select(p => p!["state"]!)
            .Where(p => !p["divided"]!.GetValue<bool>())
            .ToList();
        Assert.Equal([8, 8, 8], parts.Select(p => p["seeds"]!.GetValue<int>()));
        Assert.Equal(24, (await _book.Get($"/api/batches/{_control}"))["germination"]!["seeds"]!.GetValue<int>());
    }

    [Fact]
    public async Task Counted_blind_nothing_tells_the_arms_until_it_is_ended()
    {
        var id = Guid.NewGuid();
        await SowByLayout(await Make(id, Wish(more: ",\"blind\":true")));
        Assert.All((await _book.Get("/api/count"))["trays"]!.AsArray(), t =>
            Assert.Equal("T-1 deep or not", t!["blind"]!.GetValue<string>())
        );
        Assert.Null((await _book.Get($"/api/trials/{id}"))["result"]);
        var (status, ended) = await _book.Post($"/api/trials/{id}/end", "{}");
        Assert.Equal(200, status);
        Assert.NotNull(ended["result"]);
        Assert.All((await _book.Get("/api/count"))["trays"]!.AsArray(), t => Assert.Null(t!["blind"]));
    }

    [Fact]
    public async Task Names_may_be_changed_before_the_first_count()
    {
        var id = Guid.NewGuid();
        await Make(id);
        var (status, changed) = await _book.Put(
            $"/api/trials/{id}",
            """{"name":"depth","changed":"how deep","armNames":["on top","under"],"blind":true}"""
        );
        Assert.Equal(200, status);
        Assert.Equal("under", changed["design"]!["arms"]![1]!["name"]!.GetValue<string>());
        Assert.Equal(
            400,
            (await _book.Put($"/api/trials/{id}", """{"name":"depth","changed":"how deep","armNames":["on top"],"blind":true}""")).Status
        );
        Assert.Equal(
            400,
            (await _book.Put($"/api/trials/{id}", """{"name":"depth","changed":"how deep","armNames":["a","A"],"blind":true}""")).Status
        );
    }

    [Fact]
    public async Task A_trial_with_one_arm_or_more_seed_than_there_is_is_refused()
    {
        async Task Refused(string wish, string field, string valid)
        {
            var (status, problem) = await _book.Post("/api/trials/layout", wish);
            Assert.Equal(400, status);
            Assert.Equal(field, problem["field"]!.GetValue<string>());
            Assert.Contains(valid, problem["detail"]!.GetValue<string>(), StringComparison.Ordinal);
        }
        await Refused(
            Wish().Replace($$""",{"batch":"{{_treated}}","name":"deep","depthMm":9}""", "", StringComparison.Ordinal),
            "arms",
            "2 to 6"
        );
        await Refused(Wish(seeds: 151), "seedsPerArm", "1 to 150");
        await Refused(Wish($$""",{"batch":"{{_treated}}","name":"Shallow "}"""), "arms[1].name", "name of its own");
        await Refused(Wish($$""",{"batch":"{{_control}}","name":"deep"}"""), "arms[1].batch", "UUID");
        await Refused(Wish(",null"), "arms[1]", "a value is needed");
        await Refused(Wish($$""",{"batch":"{{_treated}}","name":"deep","place":"moon"}"""), "arms[1].place", "lamp-shelf");
        await Refused(Wish(seeds: 0), "seedsPerArm", "1 to");
        Assert.Equal(
            404,
            (await _book.Post("/api/trials/layout", Wish($$""",{"batch":"{{_treated}}","name":"deep","routeId":"nowhere"}"""))).Status
        );
    }

    [Fact]
    public async Task Arms_sown_from_rounds_go_where_the_layout_has_them()
    {
        var made = await Make(Guid.NewGuid(), Wish().Replace("2027-03-14", "2027-03-10", StringComparison.Ordinal));
        var trial = made["design"]!;
        foreach (var part in (await _book.Get("/api/rounds"))["places"]!.AsArray().SelectMany(p => p!["parts"]!.AsArray()).ToList())
        {
            Assert.Contains("trial T-1", part!["laid"]!["words"]!.GetValue<string>(), StringComparison.Ordinal);
            var (status, body) = await _book.Record(
                part["batchId"]!.GetValue<Guid>(),
                "2027-03-14",
                "warn",
                [.. part["laid"]!["entries"]!.AsArray().Select(p => p!.ToJsonString())]
            );
            Assert.True(status == 200, body.ToJsonString());
        }
        var deep = (await _book.Get($"/api/batches/{_treated}"))["parts"]![0]!["state"]!;
        Assert.Equal(
            trial["plots"]!.AsArray().Single(p => p!["arm"]!.GetValue<int>() == 1)!["cells"]!.ToJsonString(),
            deep["sownAs"]!["cells"]!.ToJsonString()
        );
        Assert.Equal("T-1", deep["vessel"]!["label"]!.GetValue<string>());
        Assert.All((await _book.Get($"/api/trials/{made["id"]}"))["arms"]!.AsArray(), a => Assert.True(a!["isSown"]!.GetValue<bool>()));
    }

    private string Outdoors(string control, string treated) =>
        $$"""
            {"name":"stones or not","changed":"stones","speciesId":"prairie-smoke","lotId":1,"seedsPerArm":24,"layout":"ownVessels",
            "replicates":3,"sowOn":"2027-03-14","randomSeed":7,
             "arms":[{"batch":"{{_control}}","name":"without","routeId":"prairie-smoke-winter-container"{{control}}},
             {"batch":"{{_treated}}","name":"with stones","routeId":"prairie-smoke-winter-container"{{treated}}}]}
            """;

    [Fact]
    public async Task A_trial_of_winter_containers_differs_in_stones_and_is_set_out_by_its_layout()
    {
        var id = Guid.NewGuid();
        var made = await Make(
            id,
            Outdoors(",\"place\":\"yard-wall\"", ",\"place\":\"yard-wall\",\"setup\":{\"kind\":\"jug4\",\"stonesKg\":3}")
        );
        Assert.Empty(made["warnings"]!.AsArray());
        Assert.All(made["design"]!["vessels"]!.AsArray(), v => Assert.Equal("container", v!["kind"]!.GetValue<string>()));
        Assert.All(made["arms"]!.AsArray(), a =>
            Assert.Contains(a!["atTable"]!.AsArray(), l => l!["step"]!.GetValue<string>() == "drainHoles")
        );
        // without its holes the book objects, as it does of any container
        var stones = made["arms"]![1]!;
        Assert.Equal(
            409,
            (await _book.Record(_treated, "2027-03-14", "warn", [.. stones["sowing"]!.AsArray().Select(p => p!.ToJsonString())])).Status
        );
        foreach (var arm in made["arms"]!.AsArray())
        {
            var entries = arm!["sowing"]!
                .AsArray()
                .Select(p => p!.ToJsonString().Replace("\"done\":[]", "\"done\":[\"drainHoles\"]", StringComparison.Ordinal));
            var (status, body) = await _book.Record(arm["arm"]!["batch"]!.GetValue<Guid>(), "2027-03-14", "warn", [.. entries]);
            Assert.True(status == 200, body.ToJsonString());
        }
        var parts = (await _book.Get($"/api/batches/{_treated}"))["parts"]!
            .AsArray()
            .Select(p => p!["state"]!)
            .Where(p => !p["divided"]!.GetValue<bool>())
            .ToList();
        Assert.Equal([8, 8, 8], parts.Select(p => p["seeds"]!.GetValue<int>()));
        Assert.All(parts, p =>
            Assert.Equal(
                (3, "yard-wall", "2027-03-14"),
                (p["setup"]!["stonesKg"]!.GetValue<double>(), p["place"]!.GetValue<string>(), p["sownOn"]!.GetValue<string>())
            )
        );
        Assert.All((await _book.Get($"/api/trials/{id}"))["arms"]!.AsArray(), a => Assert.True(a!["isSown"]!.GetValue<bool>()));
    }

    [Theory]
    [InlineData("\"setup\":{\"kind\":\"bottle2\",\"mix\":\"withNutrients\"}", "vessel and mix")]
    [InlineData("\"place\":\"yard-shade\",\"cover\":\"mix\"", "cover and place")]
    public async Task Two_things_changed_at_once_are_said(string treated, string said)
    {
        var (_, preview) = await _book.Post("/api/trials/layout", Outdoors("", "," + treated));
        Assert.Contains(said, preview["warnings"]![0]!.GetValue<string>(), StringComparison.Ordinal);
    }

    [Fact]
    public async Task Winter_containers_are_not_mixed_over_cells_and_indoors_there_are_none()
    {
        var (status, problem) = await _book.Post(
            "/api/trials/layout",
            Outdoors("", "").Replace("ownVessels", "cellsMixed", StringComparison.Ordinal)
        );
        Assert.Equal((400, "layout"), (status, problem["field"]!.GetValue<string>()));
        (status, problem) = await _book.Post(
            "/api/trials/layout",
            Wish($$""",{"batch":"{{_treated}}","name":"deep","setup":{"kind":"jug4"} }""")
        );
        Assert.Equal((400, "arms[1].setup"), (status, problem["field"]!.GetValue<string>()));
    }
}
