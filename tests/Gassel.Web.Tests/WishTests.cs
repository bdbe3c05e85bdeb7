using System.Text.Json;
using System.Text.Json.Nodes;

namespace Gassel.Web.Tests;

/// <summary>A list of wishes goes in, and the winter comes out.</summary>
public sealed class WishTests : IAsyncLifetime
{
    private readonly RunningBook _book = new();

    public async ValueTask InitializeAsync()
    {
        await _book.InitializeAsync();
        await _book.Put("/api/site?asOf=*", """{"name":"Test bench","latitude":46.8,"timeZone":"America/Denver","lastFrost":"05-08"}""");
        await Lot("balsamroot", "slope", 500);
        await Lot("globemallow", "burn", 90);
    }

    public ValueTask DisposeAsync() => _book.DisposeAsync();

    private async Task Lot(string species, string at, int seeds)
    {
        var (status, answer) = await _book.Post(
            "/api/lots",
            $$$"""{"speciesId":"{{{species}}}","lot":{"gatheredAt":"{{{at}}}","gatheredOn":"2026-07-01","counted":{{{seeds}}}}}"""
        );
        Assert.True(status is 200 or 201, answer.ToJsonString());
    }

    private async Task<JsonNode> Enter(bool save, params string[] lines)
    {
        var (read, cells) = await _book.Post("/api/wishes/lines", JsonSerializer.Serialize(new { text = string.Join('\n', lines) }));
        Assert.True(read == 200, cells.ToJsonString());
        var (status, report) = await _book.Post(
            "/api/wishes",
            $$"""{"lines":{{cells.ToJsonString()}},"save":{{(save ? "true" : "false")}},"who":"grower"}"""
        );
        Assert.True(status == 200, report.ToJsonString());
        return report;
    }

    private async Task<JsonArray> Wishes() => (await _book.Get("/api/wishes"))["wishes"]!.AsArray();

    private async Task<JsonNode> Solve()
    {
        var (status, season) = await _book.Post("/api/wishes/season", """{"seconds":20}""");
        Assert.True(status == 200, season.ToJsonString());
        return season;
    }

    private async Task<(int Status, JsonNode Body)> Make(IEnumerable<JsonNode> starts) =>
        await _book.Post(
            "/api/wishes/batches",
            JsonSerializer.Serialize(
                new
                {
                    starts = starts.Select(s => new
                    {
                        wish = s["id"]!.GetValue<string>(),
                        batch = Guid.NewGuid(),
                        on = s["on"]!.GetValue<string>(),
                    }),
                    who = "grower",
                }
            )
        );

    [Theory]
    [InlineData("arrowleaf balsamrot,30", "species", "which one is meant")]
    [InlineData("balsamroot,none", "plants", "whole number from 1")]
    [InlineData("balsamroot,30,some day", "when", "15 May 2027")]
    [InlineData("balsamroot,30,2028,attic", "lot", "which one is meant")]
    [InlineData("balsamroot,30,2028,,,9", "priority", "1, 2, 3")]
    [InlineData("balsamroot,,2028", "plants", "beside an area")]
    [InlineData("balsamroot,,2028,,,,4,nought", "spacing", "number from 1")]
    [InlineData("balsamroot,30,2028,,,,,,by moonlight", "route", "which one is meant")]
    public async Task A_line_in_error_says_which_cell_and_what_is_valid(string line, string field, string words)
    {
        var verdict = (await Enter(save: false, line))["lines"]![0]!;
        Assert.Equal(field, verdict["field"]!.GetValue<string>());
        Assert.Contains(words, verdict["refused"]!.GetValue<string>(), StringComparison.Ordinal);
    }

    [Fact]
    public async Task An_area_becomes_plants_and_good_lines_are_kept_beside_bad_ones()
    {
        var report = await Enter(save: true, "species\tplants\twhen\tarea\tspacing", "balsamroot\t\t2028\t4\t60", "nobody\t3\t2028\t\t");
        Assert.Equal((1, 1), (report["accepted"]!.GetValue<int>(), report["refused"]!.GetValue<int>()));
        var wish = Assert.Single(await Wishes())!;
        // 4 m² at 60 cm
        Assert.Equal(11, wish["wish"]!["plants"]!.GetValue<int>());
        Assert.Contains("lot 1 gives all", wish["plan"]!["seedWords"]!.GetValue<string>(), StringComparison.OrdinalIgnoreCase);
        Assert.Contains(wish["plan"]!["working"]!.AsArray(), w =>
            w!.GetValue<string>().Contains("first flowers", StringComparison.Ordinal)
        );
        // balsamroot stands 45 cm apart where nobody says otherwise (starter value): 2 m² ÷ 0.2025 m²
        await Enter(save: true, "species\tplants\twhen\tarea", "balsamroot\t\t2028\t2");
        Assert.Equal(9, (await Wishes())[1]!["wish"]!["plants"]!.GetValue<int>());
    }

    [Fact]
    public async Task Areas_and_spacings_are_those_of_the_site()
    {
        await _book.Put(
            "/api/site?asOf=*",
            """{"name":"Test bench","latitude":46.8,"timeZone":"America/Denver","lastFrost":"05-08","settings":{"units":"unitedStates"}}"""
        );
        // 40 sq ft are 3.716 m², 2 ft are 60.96 cm: 3.716 ÷ 0.3716 = 10
        await Enter(
            save: true,
            "species,plants,when,area,spacing",
            "balsamroot,,5/15/2029,40,24",
            "balsamroot,7,15 May,,",
            "balsamroot,7,by the last frost,,"
        );
        var wishes = await Wishes();
        Assert.Equal(10, wishes[0]!["wish"]!["plants"]!.GetValue<int>());
        Assert.Equal("2029-05-15", wishes[0]!["wish"]!["when"]!["day"]!.GetValue<string>());
        // the next one from 14 March 2027 on
        Assert.Equal("2027-05-15", wishes[1]!["wish"]!["when"]!["day"]!.GetValue<string>());
        Assert.Equal("fromLastFrost", wishes[2]!["wish"]!["when"]!["kind"]!.GetValue<string>());
    }

    [Fact]
    public async Task Seed_is_given_once_and_what_lacks_is_told()
    {
        await Enter(save: true, "globemallow,20,2028,,,3", "globemallow,20,2028", "globemallow,10,2028,buy");
        var plans = (await Wishes()).Select(w => w!["plan"]!).ToList();
        var (first, second, bought) = (plans[0], plans[1], plans[2]);
        var need = first["seeds"]!.GetValue<int>();
        Assert.InRange(need, 21, 90);
        Assert.Equal(Math.Min(need, 90), first["fromLot"]!.GetValue<int>());
        Assert.Equal(Math.Min(need, 90 - need), second["fromLot"]!.GetValue<int>());
        Assert.Contains("gather or buy", second["seedWords"]!.GetValue<string>(), StringComparison.Ordinal);
        Assert.Contains("to buy", bought["seedWords"]!.GetValue<string>(), StringComparison.Ordinal);
    }

    [Fact]
    public async Task Wishes_make_way_for_each_other_and_become_batches_all_or_none()
    {
        await Enter(save: true, "balsamroot,20,2028,,Odila,3", "balsamroot,20,2028,,,1", "globemallow,5,2028,gather");
        var alone = (await Wishes())[0]!;
        var season = await Solve();
        Assert.Equal(3, season["starts"]!.AsArray().Count);
        Assert.All(season["starts"]!.AsArray(), s => Assert.NotNull(s!["on"]));
        Assert.True(season["optimal"]!.GetValue<bool>());

        // one of them has no seed: then none is made
        var (refused, problem) = await Make(season["starts"]!.AsArray()!);
        Assert.Equal((400, "starts[2].wish"), (refused, problem["field"]!.GetValue<string>()));
        Assert.Empty((await _book.Get("/api/batches")).AsArray());
        Assert.Equal(3, (await Wishes()).Count);

        var (made, batches) = await Make(season["starts"]!.AsArray().Take(2)!);
        Assert.True(made == 200, batches.ToJsonString());
        Assert.Equal([1, 2], batches["numbers"]!.AsArray().Select(n => n!.GetValue<int>()));
        Assert.Equal("3", Assert.Single(await Wishes())!["number"]!.ToJsonString());
        Assert.Equal(alone["plan"]!["seeds"]!.GetValue<int>(), (await _book.Get("/api/batches"))[0]!["seeds"]!.GetValue<int>());
    }

    [Fact]
    public async Task Sent_twice_the_batches_are_made_once_and_an_id_that_is_taken_is_refused()
    {
        await Enter(save: true, "balsamroot,5,2029", "globemallow,5,2029");
        var wishes = await Wishes();
        string Start(int wish, Guid batch) =>
            $$"""{"wish":"{{wishes[wish]!["id"]!.GetValue<string>()}}","batch":"{{batch}}","on":"2028-01-10"}""";
        var first = Guid.NewGuid();
        var once = $$"""{"starts":[{{Start(0, first)}}],"who":"grower"}""";
        Assert.Equal(200, (await _book.Post("/api/wishes/batches", once)).Status);
        var (again, same) = await _book.Post("/api/wishes/batches", once);
        Assert.Equal((200, "[1]"), (again, same["numbers"]!.ToJsonString()));
        var (status, _) = await _book.Post(
            "/api/wishes/batches",
            $$"""{"starts":[{{Start(1, first)}},{{Start(1, Guid.NewGuid())}}],"who":"grower"}"""
        );
        Assert.Equal(400, status);
        Assert.Single((await _book.Get("/api/batches")).AsArray());
    }

    [Fact]
    public async Task Where_room_ends_the_one_that_matters_less_waits_and_what_would_help_is_told()
    {
        await _book.Put("/api/places/cold-shelf", """{"name":"Cold shelf","kind":"coldShelf","dayC":4,"capacity":1}""");
        await Enter(save: true, "balsamroot,20,2028,,,1", "balsamroot,20,2028,,,3");
        var season = await Solve();
        var (less, more) = (season["starts"]![0]!, season["starts"]![1]!);
        Assert.Equal(0, more["movedDays"]!.GetValue<int>());
        Assert.True(less["on"] is null || less["movedDays"]!.GetValue<int>() != 0, season.ToJsonString());
        var full = season["full"]!.AsArray().First(f => f!["place"]!.GetValue<string>() == "Cold shelf")!;
        Assert.Equal([1], full["wishes"]!.AsArray().Select(w => w!.GetValue<int>()));
        Assert.Contains("room for 1 more", full["words"]!.GetValue<string>(), StringComparison.Ordinal);
        Assert.Equal(1, season["loads"]!.AsArray().First(l => l!["place"]!.GetValue<string>() == "Cold shelf")!["room"]!.GetValue<int>());
    }

    [Fact]
    public async Task What_comes_too_late_and_what_was_not_checked_are_said()
    {
        // today is 14 March 2027; the last frost is eight weeks off
        await Enter(save: true, "balsamroot,5,2027", "balsamroot,5,2029");
        var late = (await Wishes()).Select(w => w!["plan"]!["late"]?.GetValue<string>()).ToList();
        Assert.Contains("after the day wanted, 8 May", late[0], StringComparison.Ordinal);
        Assert.Null(late[1]);
        var season = await Solve();
        Assert.Contains("1 ready later than wanted", season["words"]!.GetValue<string>(), StringComparison.Ordinal);
        Assert.Contains("Not checked", season["unknown"]!.GetValue<string>(), StringComparison.Ordinal);
        Assert.Contains("Cold shelf", season["unknown"]!.GetValue<string>(), StringComparison.Ordinal);
        await _book.Put("/api/places/cold-shelf", """{"name":"Cold shelf","kind":"coldShelf","dayC":4,"capacity":9}""");
        Assert.DoesNotContain("Cold shelf", (await Solve())["unknown"]!.GetValue<string>(), StringComparison.Ordinal);
    }

    [Fact]
    public async Task A_pinned_wish_starts_on_its_day_and_one_set_aside_is_not_asked()
    {
        await Enter(save: true, "balsamroot,20,2029", "globemallow,5,2029");
        var wishes = await Wishes();
        var day = DateOnly
            .Parse(wishes[0]!["plan"]!["start"]!["usual"]!.GetValue<string>(), System.Globalization.CultureInfo.InvariantCulture)
            .AddDays(-9);
        async Task Change(int wish, string change)
        {
            var (answered, body) = await _book.Put($"/api/wishes/{wishes[wish]!["id"]!.GetValue<string>()}", change);
            Assert.True(answered == 200, body.ToJsonString());
        }
        await Change(0, $$"""{"pinned":"{{day:yyyy-MM-dd}}","isAside":false}""");
        await Change(1, """{"pinned":null,"isAside":true}""");
        var start = Assert.Single((await Solve())["starts"]!.AsArray())!;
        Assert.Equal($"{day:yyyy-MM-dd}", start["on"]!.GetValue<string>());
        var (status, problem) = await _book.Put(
            $"/api/wishes/{wishes[0]!["id"]!.GetValue<string>()}",
            """{"pinned":"2020-01-01","isAside":false}"""
        );
        Assert.Equal((400, "pinned"), (status, problem["field"]!.GetValue<string>()));
        Assert.Equal(200, (await _book.Send(HttpMethod.Delete, $"/api/wishes/{wishes[1]!["id"]!.GetValue<string>()}")).Status);
        Assert.Single(await Wishes());
    }

    [Fact]
    public async Task What_is_on_hand_is_kept_deducted_and_written_as_CSV()
    {
        await Enter(save: true, "globemallow,20,2028,buy", "balsamroot,10,2028");
        async Task<JsonNode> Line(string key) =>
            (await _book.Get("/api/supplies"))["lines"]!.AsArray().Single(l => l!["key"]!.GetValue<string>() == key)!;
        var pots = (await Line("pots"))["needed"]!.GetValue<double>();
        Assert.Equal(20, pots);
        var (status, after) = await _book.Put("/api/supplies/pots", """{"onHand":12,"priceEach":0.5}""");
        Assert.True(status == 200, after.ToJsonString());
        Assert.Equal((8, 4), ((await Line("pots"))["toGet"]!.GetValue<double>(), (await Line("pots"))["cost"]!.GetValue<double>()));
        Assert.Equal(4, after["cost"]!.GetValue<double>());
        Assert.Contains("no price", after["unpriced"]!.GetValue<string>(), StringComparison.Ordinal);
        Assert.False((await Line("seed-globemallow"))["hasStock"]!.GetValue<bool>());
        var csv = await _book.Http.GetStringAsync("/api/supplies.csv", TestContext.Current.CancellationToken);
        Assert.Contains(" wide\",piece,20,12,8,0.50,4.00,", csv, StringComparison.Ordinal);
        Assert.Equal(404, (await _book.Put("/api/supplies/gold", """{"onHand":1}""")).Status);
        var (refused, why) = await _book.Put("/api/supplies/pots", """{"onHand":-1}""");
        Assert.Equal(400, refused);
        Assert.Contains("onHand", why.ToJsonString(), StringComparison.Ordinal);
    }

    [Fact]
    public async Task A_wish_stands_in_the_calendar_until_it_is_set_aside()
    {
        await Enter(save: true, "globemallow,20,2028");
        var wish = Assert.Single(await Wishes())!;
        var day = wish["plan"]!["start"]!["usual"]!.GetValue<string>().Replace("-", "", StringComparison.Ordinal);
        async Task<string> Feed() => await _book.Http.GetStringAsync("/api/calendar.ics", TestContext.Current.CancellationToken);
        var feed = await Feed();
        Assert.Contains("SUMMARY:Start W-1 streambank globemallow", feed, StringComparison.Ordinal);
        Assert.Contains($"DTSTART;VALUE=DATE:{day}", feed, StringComparison.Ordinal);
        await _book.Put($"/api/wishes/{wish["id"]}", """{"pinned":"2027-10-05","isAside":false}""");
        Assert.Contains("DTSTART;VALUE=DATE:20271005", await Feed(), StringComparison.Ordinal);
        await _book.Put($"/api/wishes/{wish["id"]}", """{"pinned":null,"isAside":true}""");
        Assert.DoesNotContain("W-1", await Feed(), StringComparison.Ordinal);
    }

    [Fact]
    public async Task A_winter_container_is_begun_in_winter_whatever_day_its_plants_are_wanted()
    {
        await Enter(save: true, "species,plants,when,route", "foxglove beardtongue,20,2028,winter container");
        var plan = Assert.Single(await Wishes())!["plan"]!;
        Assert.Equal("2028-01-01", plan["start"]!["usual"]!.GetValue<string>());
        Assert.Contains("after the day wanted", plan["late"]!.GetValue<string>(), StringComparison.Ordinal);
    }

    [Fact]
    public async Task A_wish_split_in_two_is_sown_twice_three_weeks_apart()
    {
        await Enter(save: true, "globemallow,21,15 May 2028", "balsamroot,1,2028");
        var (id, one) = ((await Wishes())[0]!["id"]!, (await Wishes())[1]!["id"]!);
        var (status, list) = await _book.Post($"/api/wishes/{id}/split", "{}");
        Assert.True(status == 200, list.ToJsonString());
        var both = list["wishes"]!.AsArray().Where(w => w!["wish"]!["speciesId"]!.GetValue<string>() == "globemallow").ToList();
        Assert.Equal([11, 10], both.Select(w => w!["wish"]!["plants"]!.GetValue<int>()));
        Assert.Equal(["2028-05-15", "2028-06-05"], both.Select(w => w!["wish"]!["when"]!["day"]!.GetValue<string>()));
        Assert.Equal([1, 3], both.Select(w => w!["number"]!.GetValue<int>()));
        Assert.Equal(400, (await _book.Post($"/api/wishes/{one}/split", "{}")).Status);
    }

    /// <summary>Half a pot is none, and what is nothing is no stock.</summary>
    [Fact]
    public async Task Stock_of_half_a_piece_and_of_nothing_is_refused_or_rounded_up()
    {
        await Enter(save: true, "globemallow,20,2028,buy");
        Assert.Equal(200, (await _book.Put("/api/supplies/pots", """{"onHand":19.6}""")).Status);
        var pots = (await _book.Get("/api/supplies"))["lines"]!.AsArray().Single(l => l!["key"]!.GetValue<string>() == "pots")!;
        Assert.Equal((1, "1"), (pots["toGet"]!.GetValue<double>(), pots["toGetWords"]!.GetValue<string>()));
        var (status, why) = await _book.Put(
            "/api/site?asOf=*",
            """{"name":"Test bench","latitude":46.8,"timeZone":"America/Denver","lastFrost":"05-08","settings":{"stock":{"pots":null}}}"""
        );
        Assert.True(status == 400, why.ToJsonString());
        Assert.Contains("settings.stock.pots", why.ToJsonString(), StringComparison.Ordinal);
    }

    /// <summary>A container goes out in winter also by a route that names no cold.</summary>
    [Fact]
    public async Task A_route_outdoors_without_cold_begins_in_winter_too()
    {
        var (status, made) = await _book.Post(
            "/api/species/blue-flax/routes",
            """
            {"name":"jug, no cold","setting":"winterContainer","origin":"test","steps":[
              {"kind":"germinate","days":{"shortest":5,"usual":12,"longest":20},"band":{"lowC":10,"highC":20}},
              {"kind":"growOn","days":{"shortest":90,"usual":120,"longest":150}}]}
            """
        );
        Assert.True(status == 200, made.ToJsonString());
        await Enter(save: true, "species,plants,when,route", "blue flax,20,2029,\"jug, no cold\"");
        var plan = Assert.Single(await Wishes())!["plan"]!;
        Assert.Equal("2029-01-01", plan["start"]!["usual"]!.GetValue<string>());
    }
}
