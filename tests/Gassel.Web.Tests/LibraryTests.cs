using System.Text.Json.Nodes;

namespace Gassel.Web.Tests;

/// <summary>The library as a grower makes it theirs.</summary>
public sealed class LibraryTests(RunningBook book) : IClassFixture<RunningBook>
{
    private async Task<JsonNode> Species(string id) =>
        (await book.Get("/api/species")).AsArray().Single(s => s!["species"]!["id"]!.GetValue<string>() == id)!;

    /// <summary>The values of a species as the form sends them.</summary>
    private async Task<JsonObject> Values(string id)
    {
        var species = (await Species(id))["species"]!.DeepClone().AsObject();
        species["origin"] = "own results 2026";
        return species;
    }

    private async Task<JsonObject> Draft(string id, string route)
    {
        var like = (await Species(id))["species"]!["routes"]!
            .AsArray()
            .Single(r => r!["id"]!.GetValue<string>() == route)!
            .DeepClone()
            .AsObject();
        like["origin"] = "own results 2026";
        return like;
    }

    [Fact]
    public async Task A_changed_value_carries_its_origin_and_the_starter_value_is_kept()
    {
        var values = await Values("mock-orange");
        values["germination"] = JsonNode.Parse("""{"lowC":12,"highC":18}""");
        var (status, changed) = await book.Put("/api/species/mock-orange?asOf=*", values.ToJsonString());
        Assert.True(status == 200, changed.ToJsonString());
        var origins = changed["species"]!["origins"]!.AsArray();
        Assert.Equal("germination", Assert.Single(origins)!["value"]!.GetValue<string>());
        Assert.Equal("own results 2026", origins[0]!["origin"]!.GetValue<string>());
        Assert.Contains("from memory", changed["species"]!["origin"]!.GetValue<string>());
        Assert.True(changed["hasOwnValues"]!.GetValue<bool>());

        var (_, back) = await book.Post("/api/species/mock-orange/starter-values", "{}");
        Assert.Equal(20, back["species"]!["germination"]!["highC"]!.GetValue<double>());
        Assert.False(back["hasOwnValues"]!.GetValue<bool>());
    }

    [Fact]
    public async Task A_species_of_ones_own_begins_with_a_plain_route_and_has_no_starter_values()
    {
        var values = await Values("blue-flax");
        (values["commonName"], values["scientificName"]) = ("Lewis’s other flax", "Linum inventum");
        var (status, made) = await book.Post("/api/species", values.ToJsonString());
        Assert.True(status == 200, made.ToJsonString());
        Assert.Equal("lewis-s-other-flax", made["species"]!["id"]!.GetValue<string>());
        Assert.Equal("germinate", made["species"]!["routes"]![0]!["steps"]![0]!["kind"]!.GetValue<string>());
        Assert.Equal(400, (await book.Post("/api/species", values.ToJsonString())).Status);
        Assert.Equal(400, (await book.Post("/api/species/lewis-s-other-flax/starter-values", "{}")).Status);
    }

    [Fact]
    public async Task What_nobody_entered_is_said_so_until_somebody_does_and_its_hazard_is_no_all_clear()
    {
        var values = await Values("blue-flax");
        (values["commonName"], values["scientificName"], values["hazard"], values["hazardNote"]) = (
            "unlooked flax",
            "Linum ignotum",
            "irritant",
            null
        );
        values["notEntered"] = JsonNode.Parse("""["hazard","longevity"]""");
        var (status, made) = await book.Post("/api/species", values.ToJsonString());
        Assert.True(status == 200, made.ToJsonString());
        string? Origin(JsonNode from, string value) =>
            from["species"]!
                ["origins"]
                ?.AsArray()
                .FirstOrDefault(o => o!["value"]!.GetValue<string>() == value)
                ?["origin"]!.GetValue<string>();
        Assert.Equal("Not entered; taken for now", Origin(made, "hazard"));
        Assert.Equal(["hazard", "longevity"], made["notEntered"]!.AsArray().Select(v => v!.GetValue<string>()));
        Assert.Null(Origin(made, "germination"));
        Assert.Contains("not known", made["species"]!["hazardNote"]!.GetValue<string>(), StringComparison.Ordinal);
        // the same value, entered: now it is somebody's
        values["notEntered"] = JsonNode.Parse("""["hazard"]""");
        values["origin"] = "own notes";
        var (_, known) = await book.Put($"/api/species/{made["species"]!["id"]}?asOf=*", values.ToJsonString());
        Assert.Equal(("own notes", "Not entered; taken for now"), (Origin(known, "longevity"), Origin(known, "hazard")));
        values["notEntered"] = JsonNode.Parse("""["germination","hazard"]""");
        var (refused, problem) = await book.Put($"/api/species/{made["species"]!["id"]}?asOf=*", values.ToJsonString());
        Assert.Equal((400, "notEntered"), (refused, problem["field"]!.GetValue<string>()));
    }

    [Theory]
    [InlineData("\"commonName\":\"\"", "commonName")]
    [InlineData("\"germination\":{\"lowC\":20,\"highC\":10}", "germination.highC")]
    [InlineData("\"hazard\":\"toxic\",\"hazardNote\":null", "hazardNote")]
    [InlineData("\"coldResponse\":{\"noneBelowC\":5,\"fullFromC\":1,\"fullToC\":6,\"noneAboveC\":12}", "coldResponse")]
    [InlineData("\"flags\":[\"needsLight\",\"needsLight\"]", "flags")]
    [InlineData("\"flags\":[\"slimyWhenWet\"]", "flags")]
    [InlineData("\"dormancyClass\":\"sleepy\"", "dormancyClass")]
    public async Task Values_that_cannot_be_are_refused(string wrong, string field)
    {
        var values = await Values("red-osier-dogwood");
        foreach (var (name, value) in JsonNode.Parse("{" + wrong + "}")!.AsObject())
            values[name] = value?.DeepClone();
        var (status, problem) = await book.Put("/api/species/red-osier-dogwood?asOf=*", values.ToJsonString());
        Assert.Equal((400, field), (status, problem["field"]!.GetValue<string>()));
    }

    [Fact]
    public async Task A_route_gets_a_version_and_a_batch_keeps_the_one_it_was_planned_with()
    {
        await using var own = new Fresh();
        await own.Book.InitializeAsync();
        var id = await own.Book.BatchOfBalsamroot();
        var route = (await own.Book.Get("/api/species")).AsArray().Single(s => s!["species"]!["id"]!.GetValue<string>() == "balsamroot")![
            "species"
        ]!["routes"]![0]!.DeepClone();
        route["origin"] = "own results 2026";
        route["steps"]![0]!["days"] = JsonNode.Parse("""{"shortest":50,"usual":70,"longest":100}""");
        var (status, changed) = await own.Book.Put("/api/species/balsamroot/routes/balsamroot-fridge", route.ToJsonString());
        Assert.True(status == 200, changed.ToJsonString());
        var now = changed["species"]!["routes"]![0]!;
        Assert.Equal((2, 70), (now["version"]!.GetValue<int>(), now["steps"]![0]!["days"]!["usual"]!.GetValue<int>()));
        var batch = await own.Book.Get($"/api/batches/{id}");
        Assert.Equal(
            (1, 84),
            (batch["plan"]!["route"]!["version"]!.GetValue<int>(), batch["plan"]!["steps"]![0]!["step"]!["days"]!["usual"]!.GetValue<int>())
        );
        var versions = (await own.Book.Get("/api/species/balsamroot/routes/balsamroot-fridge/versions")).AsArray();
        Assert.Equal([2, 1], versions.Select(v => v!["version"]!.GetValue<int>()));
        // the grower's version outlives a restart, in which starter values are looked at again
        await own.Book.Restart();
        Assert.Equal(
            2,
            (await own.Book.Get("/api/species")).AsArray().Single(s => s!["species"]!["id"]!.GetValue<string>() == "balsamroot")![
                "species"
            ]!["routes"]![0]!["version"]!.GetValue<int>()
        );
    }

    [Fact]
    public async Task A_copied_route_stands_beside_the_others_under_a_name_of_its_own()
    {
        var draft = await Draft("scarlet-gilia", "scarlet-gilia-fridge");
        var (twice, problem) = await book.Post("/api/species/scarlet-gilia/routes", draft.ToJsonString());
        Assert.Equal((400, "name"), (twice, problem["field"]!.GetValue<string>()));
        draft["name"] = "fridge, shorter";
        var (status, made) = await book.Post("/api/species/scarlet-gilia/routes", draft.ToJsonString());
        Assert.True(status == 200, made.ToJsonString());
        var routes = made["species"]!["routes"]!.AsArray();
        Assert.Equal("scarlet-gilia-fridge-shorter", routes[^1]!["id"]!.GetValue<string>());
        Assert.Equal("scarlet-gilia-fridge", routes[0]!["id"]!.GetValue<string>());
    }

    [Theory]
    [InlineData("""{"kind":"soak","days":{"shortest":1,"usual":1,"longest":1}}""", "steps[0]", "toxic water")]
    [InlineData("""{"kind":"coldMoist","days":{"shortest":9,"usual":5,"longest":20}}""", "steps[0]", "shortest")]
    [InlineData("""{"kind":"growOn","days":{"shortest":1,"usual":1,"longest":1}}""", "steps[0]", "after germinating")]
    public async Task A_step_that_cannot_be_is_judged_and_refused_with_its_reason(string step, string field, string why)
    {
        var draft = await Draft("meadow-death-camas", "meadow-death-camas-fridge");
        draft["steps"]!.AsArray().Insert(0, JsonNode.Parse(step));
        var (_, judged) = await book.Post("/api/species/meadow-death-camas/route-judgement", draft.ToJsonString());
        Assert.Contains(judged["objections"]!.AsArray(), o =>
            o!["step"]!.GetValue<int>() == 0 && o["why"]!.GetValue<string>().Contains(why, StringComparison.Ordinal)
        );
        var (status, problem) = await book.Put("/api/species/meadow-death-camas/routes/meadow-death-camas-fridge", draft.ToJsonString());
        Assert.Equal((400, field), (status, problem["field"]!.GetValue<string>()));
    }

    [Theory]
    [InlineData("""{"name":"x","setting":"indoors","origin":"own","steps":[]}""", "steps")]
    [InlineData(
        """{"name":"","setting":"indoors","origin":"own","steps":[{"kind":"germinate","days":{"shortest":1,"usual":1,"longest":1}}]}""",
        "name"
    )]
    [InlineData("""{"name":"x","setting":"moon","origin":"own","steps":[]}""", "setting")]
    [InlineData(
        """{"name":"x","setting":"indoors","origin":"","steps":[{"kind":"germinate","days":{"shortest":1,"usual":1,"longest":1}}]}""",
        "origin"
    )]
    public async Task An_empty_or_nameless_route_is_refused(string json, string field)
    {
        var (status, problem) = await book.Post("/api/species/saskatoon/routes", json);
        Assert.Equal((400, field), (status, problem["field"]!.GetValue<string>()));
    }

    [Fact]
    public async Task The_library_says_which_steps_a_seed_may_not_be_given()
    {
        var forbidden = (await Species("goldenbanner"))["forbidden"]!.AsArray();
        Assert.Contains(forbidden, f =>
            f!["kind"]!.GetValue<string>() == "soak" && f["why"]!.GetValue<string>().Contains("toxic", StringComparison.Ordinal)
        );
        Assert.Contains(forbidden, f => f!["method"]?.GetValue<string>() == "hotWater");
    }

    /// <summary>A book of a test's own, put away with it.</summary>
    private sealed class Fresh : IAsyncDisposable
    {
        public RunningBook Book { get; } = new();

        public ValueTask DisposeAsync() => Book.DisposeAsync();
    }
}
