using System.Text.Json.Nodes;

namespace Gassel.Web.Tests;

/// <summary>What a plan offers beside its dates: other routes, two sowings, autumn, room, and a lot that two people draw on.</summary>
public sealed class PlanChoicesTests : IAsyncLifetime
{
    private readonly RunningBook _book = new();

    public async ValueTask InitializeAsync()
    {
        await _book.InitializeAsync();
        await _book.BatchOfBalsamroot();
    }

    public ValueTask DisposeAsync() => _book.DisposeAsync();

    private const string Base = """ "speciesId":"balsamroot","lotId":1,"plants":20 """;

    private Task<(int Status, JsonNode Body)> Plan(string more) => _book.Post("/api/plan", $$"""{{{Base}},{{more}}}""");

    private Task<(int Status, JsonNode Body)> Confirm(string plan, int seeds, string choice = "usual", Guid? second = null) =>
        _book.Post(
            "/api/batches",
            $$"""
            {"id":"{{Guid.NewGuid()}}","choice":"{{choice}}","seeds":{{seeds}},"who":"grower",
            "secondId":{{(second is { } id ? $"\"{id}\"" : "null")}},"plan":{ {{Base}},{{plan}} } }
            """
        );

    [Fact]
    public async Task Every_choice_says_what_own_results_expect_or_that_it_is_unknown()
    {
        var (_, plan) = await Plan("""  "target":"sow","date":"2027-05-01" """);
        var options = plan["options"]!.AsArray();
        Assert.Equal(["shorten", "moveTarget", "nextSeason"], options.Select(o => o!["option"]!["kind"]!.GetValue<string>()));
        Assert.All(options, o => Assert.Null(o!["expected"]!["plants"]));
        Assert.Contains("Unknown", options[1]!["expected"]!["why"]!.GetValue<string>());
        Assert.Equal(
            ["balsamroot-fridge", "balsamroot-winter-container", "balsamroot-autumn-bed"],
            plan["routes"]!.AsArray().Select(r => r!["routeId"]!.GetValue<string>())
        );
        Assert.All(plan["routes"]!.AsArray(), r => Assert.NotEmpty(r!["risk"]!.AsArray()));
        Assert.Equal(4, plan["fillings"]!.AsArray().Count);
    }

    [Fact]
    public async Task Planting_in_autumn_is_measured_from_the_freezing_of_the_ground()
    {
        var (_, plan) = await Plan(""" "target":"plantOut","groundFreeze":"2028-11-25" """);
        Assert.Equal("2028-10-14", plan["anchor"]!["date"]!.GetValue<string>());
        var (_, four) = await Plan(""" "target":"plantOut","groundFreeze":"2028-11-25","weeksBeforeFreeze":4 """);
        Assert.Equal("2028-10-28", four["anchor"]!["date"]!.GetValue<string>());
    }

    [Theory]
    [InlineData(""" "target":"sow","date":"2027-05-01","second":{"weeksLater":0} """, "second.weeksLater")]
    [InlineData(""" "target":"sow","date":"2027-05-01","second":{"weeksLater":3,"firstShare":1} """, "second.firstShare")]
    [InlineData(""" "target":"sow","date":"2027-05-01","stages":{"toPot":0,"toHardened":1,"toPlanted":1} """, "stages.toPot")]
    [InlineData(""" "target":"sow","date":"2027-05-01","practice":"divide" """, "seedsPerCell")]
    public async Task A_plan_that_cannot_be_is_refused(string wrong, string field)
    {
        var (status, problem) = await Plan(wrong);
        Assert.Equal((400, field), (status, problem["field"]!.GetValue<string>()));
    }

    [Theory]
    [InlineData(""" "target":"plantOut","date":"2027-03-13" """)]
    [InlineData(""" "target":"plantOut","groundFreeze":"2026-11-25" """)]
    public async Task An_aim_that_is_past_offers_the_choices(string past)
    {
        var (status, plan) = await Plan(past);
        Assert.True(status == 200, plan.ToJsonString());
        Assert.False(plan["schedule"]!["feasible"]!.GetValue<bool>());
        var next = plan["schedule"]!["options"]!.AsArray().Single(o => o!["kind"]!.GetValue<string>() == "nextSeason")!;
        Assert.True(next["possible"]!.GetValue<bool>());
        Assert.True(string.CompareOrdinal(next["start"]!.GetValue<string>(), "2027-03-14") >= 0);
    }

    [Fact]
    public async Task A_species_without_seed_is_planned_on_seed_to_be_found()
    {
        var (status, plan) = await _book.Post(
            "/api/plan",
            """{"speciesId":"blue-flax","lotId":null,"plants":20,"target":"sow","date":"2027-05-20"}"""
        );
        Assert.True(status == 200, plan.ToJsonString());
        Assert.True(plan["seedToFind"]!.GetValue<bool>());
        Assert.True(plan["seeds"]!["seeds"]!.GetValue<int>() > 20);
        Assert.Equal(0, plan["seedsShort"]!.GetValue<int>());
        var (refused, problem) = await _book.Post(
            "/api/batches",
            $$"""
            {"id":"{{Guid.NewGuid()}}","choice":"usual","seeds":10,"who":"grower","plan":{"speciesId":"blue-flax","lotId":null,
            "plants":20,"target":"sow","date":"2027-05-20"} }
            """
        );
        Assert.Equal((400, "plan.lotId"), (refused, problem["field"]!.GetValue<string>()));
    }

    [Fact]
    public async Task Two_sowings_make_two_batches_weeks_apart_that_share_the_seed()
    {
        const string wish = """ "target":"sow","date":"2027-07-01","second":{"weeksLater":3,"firstShare":0.6} """;
        var (_, plan) = await Plan(wish);
        Assert.Equal(
            ("2027-04-08", "2027-04-29"),
            (plan["second"]!["firstStart"]!.GetValue<string>(), plan["second"]!["secondStart"]!.GetValue<string>())
        );
        Assert.Equal((400, "secondId"), ((await Confirm(wish, 50)).Status, (await Confirm(wish, 50)).Body["field"]!.GetValue<string>()));
        var (status, made) = await Confirm(wish, 50, second: Guid.NewGuid());
        Assert.True(status == 200, made.ToJsonString());
        // the id of a batch that is there cannot be that of another
        var taken = made["second"]!["id"]!.GetValue<Guid>();
        Assert.Equal(
            (400, "secondId"),
            ((await Confirm(wish, 4, second: taken)).Status, (await Confirm(wish, 4, second: taken)).Body["field"]!.GetValue<string>())
        );
        var first = await _book.Get($"/api/batches/{made["id"]}");
        var second = await _book.Get($"/api/batches/{made["second"]!["id"]}");
        Assert.Equal((30, 20), (first["plan"]!["seeds"]!.GetValue<int>(), second["plan"]!["seeds"]!.GetValue<int>()));
        Assert.Equal(20, first["plan"]!["plants"]!.GetValue<int>() + second["plan"]!["plants"]!.GetValue<int>());
        Assert.Equal("2027-07-22", second["plan"]!["anchor"]!["date"]!.GetValue<string>());
    }

    /// <summary>A late first sowing is moved; the second, weeks later, keeps its distance.</summary>
    [Fact]
    public async Task A_moved_target_moves_both_sowings()
    {
        var (status, made) = await Confirm(
            """ "target":"sow","date":"2027-05-01","second":{"weeksLater":2} """,
            40,
            "moveTarget",
            Guid.NewGuid()
        );
        Assert.True(status == 200, made.ToJsonString());
        var first = await _book.Get($"/api/batches/{made["id"]}");
        var second = await _book.Get($"/api/batches/{made["second"]!["id"]}");
        Assert.Equal("2027-03-14", first["plan"]!["start"]!.GetValue<string>());
        Assert.Equal("2027-03-28", second["plan"]!["start"]!.GetValue<string>());
    }

    [Fact]
    public async Task A_lot_drawn_by_two_at_once_is_not_overdrawn_and_the_second_is_told()
    {
        const string wish = """ "target":"sow","date":"2027-07-01" """;
        // 440 are left; each asks for 300 at the same moment
        var answers = await Task.WhenAll(Confirm(wish, 300), Confirm(wish, 300));
        Assert.Equal([200, 400], answers.Select(a => a.Status).Order());
        var told = answers.Single(a => a.Status == 400).Body;
        Assert.Equal("seeds", told["field"]!.GetValue<string>());
        Assert.Contains("140 left", told["detail"]!.GetValue<string>());
    }

    [Fact]
    public async Task A_full_shelf_is_named_with_its_day()
    {
        await _book.Put("/api/places/cold-shelf", """{"name":"Cold shelf","kind":"coldShelf","dayC":4,"capacity":1}""");
        var (_, plan) = await Plan(""" "target":"sow","date":"2027-07-01" """);
        var cold = plan["space"]!.AsArray().Single(s => s!["place"]!.GetValue<string>() == "coldShelf")!;
        Assert.False(cold["fits"]!.GetValue<bool>());
        Assert.Equal(1, cold["takenThen"]!.GetValue<int>());
    }
}
