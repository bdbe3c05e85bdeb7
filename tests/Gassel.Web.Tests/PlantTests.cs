using System.Text.Json.Nodes;
using Gassel.Devices;
using Gassel.Web.Hosting;
using Gassel.Web.Runtime;
using Microsoft.Extensions.Time.Testing;

namespace Gassel.Web.Tests;

/// <summary>From seedling to plant over HTTP, closing a season, starting the next, and walking a demo.</summary>
public sealed class PlantTests : IAsyncLifetime
{
    private readonly RunningBook _book = new();

    public ValueTask InitializeAsync() => _book.InitializeAsync();

    public ValueTask DisposeAsync() => _book.DisposeAsync();

    private async Task<Guid> Up()
    {
        var batch = await _book.BatchOfBalsamroot();
        await _book.Record(
            batch,
            "2026-12-01",
            "warn",
            """{"kind":"stepStarted","part":"1","step":0,"seeds":60,"place":"cold-shelf","vessel":{"kind":"bag","label":"bag 1"} }"""
        );
        await _book.Record(
            batch,
            "2027-02-20",
            "warn",
            """{"kind":"sown","part":"1","place":"lamp-shelf","vessel":{"kind":"deepCells","label":"cells 1","cells":60} }"""
        );
        var (status, body) = await _book.Record(
            batch,
            "2027-03-05",
            "warn",
            """{"kind":"count","part":"1","emerged":30,"lost":8,"cause":"dampingOff"}"""
        );
        Assert.True(status == 200, body.ToJsonString());
        return batch;
    }

    private static string MovedOn(string from, string to, int plants) =>
        $$"""{"kind":"movedOn","part":"1","from":"{{from}}","to":"{{to}}","plants":{{plants}} }""";

    [Fact]
    public async Task Numbers_are_conserved_from_the_tray_to_the_ground()
    {
        var batch = await Up();
        var (_, body) = await _book.Record(
            batch,
            "2027-03-10",
            "warn",
            MovedOn("seedling", "potted", 20),
            """{"kind":"plantsLost","part":"1","stage":"potted","plants":2,"cause":"dried"}""",
            MovedOn("potted", "planted", 15)
        );
        var plants = body["plants"]!;
        var stages = plants["stages"]!.AsArray();
        Assert.Equal([2, 0, 3, 0, 15], stages.Select(s => s!["alive"]!.GetValue<int>()));
        Assert.Equal(30, stages.Sum(s => s!["alive"]!.GetValue<int>() + s["dormant"]!.GetValue<int>() + s["lost"]!.GetValue<int>()));
    }

    [Fact]
    public async Task More_plants_than_seedlings_are_warned_of_with_the_limit()
    {
        var (status, problem) = await _book.Record(await Up(), "2027-03-10", "warn", MovedOn("seedling", "potted", 23));
        Assert.Equal(409, status);
        Assert.Contains("only 22 seedlings", problem["detail"]!.GetValue<string>(), StringComparison.Ordinal);
    }

    [Fact]
    public async Task Backwards_is_refused_by_its_field()
    {
        var (status, problem) = await _book.Record(await Up(), "2027-03-10", "warn", MovedOn("potted", "prickedOut", 1));
        Assert.Equal((400, "entries[0].payload.to"), (status, problem["field"]!.GetValue<string>()));
    }

    [Fact]
    public async Task Taking_back_what_others_stand_on_is_offered_as_a_chain()
    {
        var batch = await Up();
        await _book.Record(batch, "2027-03-10", "warn", MovedOn("seedling", "potted", 20));
        var (_, body) = await _book.Record(batch, "2027-03-11", "warn", MovedOn("potted", "planted", 18));
        var potted = body["log"]!.AsArray().Single(l => l!["words"]!.GetValue<string>().StartsWith("Potted 20", StringComparison.Ordinal))![
            "id"
        ];
        var (status, problem) = await _book.Record(batch, "2027-03-12", "warn", $$"""{"kind":"void","entry":"{{potted}}"}""");
        Assert.Equal(409, status);
        Assert.Equal(2, problem["chain"]!.AsArray().Count);
    }

    [Fact]
    public async Task A_closed_batch_takes_nothing_more()
    {
        var batch = await Up();
        await _book.Record(batch, "2027-03-10", "warn", """{"kind":"closed","words":"given away"}""");
        var (status, problem) = await _book.Record(batch, "2027-03-11", "warn", """{"kind":"count","part":"1","emerged":1,"lost":0}""");
        Assert.Equal(409, status);
        Assert.Contains("books of this batch are closed", problem["detail"]!.GetValue<string>(), StringComparison.Ordinal);
    }

    [Fact]
    public async Task The_books_of_a_season_tell_losses_costs_and_what_to_change_and_the_next_is_planned_from_them()
    {
        var batch = await Up();
        await _book.Record(batch, "2027-03-10", "warn", MovedOn("seedling", "planted", 20), """{"kind":"closed","words":null}""");
        var books = await _book.Get("/api/closing");
        Assert.Equal(2026, books["account"]!["season"]!.GetValue<int>());
        var account = Assert.Single(books["account"]!["batches"]!.AsArray())!;
        Assert.Equal((60, 30), (account["seeds"]!.GetValue<int>(), account["germinated"]!.GetValue<int>()));
        Assert.Equal(0.5, account["fraction"]!.GetValue<double>());
        Assert.Equal("2027-03-10", account["booksClosedOn"]!.GetValue<string>());
        Assert.Contains(books["account"]!["proposals"]!.AsArray(), p => p!["kind"]!.GetValue<string>() == "dampingOff");
        // nothing is summed before a price is entered
        Assert.Null(account["cost"]!["total"]);
        Assert.Null(books["account"]!["totalCost"]);
        Assert.Equal(
            200,
            (
                await _book.Put(
                    "/api/closing/costs",
                    """
                    {"mixPerLitre":0.4,"containerEach":0.5,"perKWh":0.3,"lampWatts":20,"matWatts":12,"minutesAGesture":4,
                    "boughtPlants":{"balsamroot":2.5}}
                    """
                )
            ).Status
        );
        books = await _book.Get("/api/closing");
        account = books["account"]!["batches"]![0]!;
        // one tray of sixty cells at 0.05 l, one container, 18 days of 16 h under 20 W: by hand
        Assert.Equal((3 * 0.4) + 0.5 + (18 * 16 * 0.02 * 0.3), account["cost"]!["total"]!.GetValue<double>(), 0.01);
        Assert.Equal(20, account["cost"]!["plants"]!.GetValue<int>());
        Assert.Equal((20 * 2.5) - account["cost"]!["total"]!.GetValue<double>(), account["cost"]!["saved"]!.GetValue<double>(), 0.01);
        var csv = await _book.Http.GetStringAsync("/api/closing.csv", TestContext.Current.CancellationToken);
        Assert.Contains("B-1,arrowleaf balsamroot,fridge,1,2026-12-01,60,30,0.5,", csv, StringComparison.Ordinal);
        Assert.Contains("8 damping off at seedlings", csv, StringComparison.Ordinal);

        var id = Guid.NewGuid();
        var (status, next) = await _book.Post(
            "/api/closing/next-season",
            $$"""{"who":"grower","batches":[{"from":"{{batch}}","id":"{{id}}"}]}"""
        );
        Assert.True(status == 200, next.ToJsonString());
        Assert.Empty(next["refused"]!.AsArray());
        var again = await _book.Get($"/api/batches/{id}");
        Assert.Equal(20, again["plan"]!["plants"]!.GetValue<int>());
        Assert.True(string.CompareOrdinal(again["plan"]!["anchor"]!["date"]!.GetValue<string>(), "2028-01-01") > 0);
        // the same once more is the same batch
        await _book.Post("/api/closing/next-season", $$"""{"who":"grower","batches":[{"from":"{{batch}}","id":"{{id}}"}]}""");
        Assert.Equal(2, (await _book.Get("/api/batches")).AsArray().Count);
        // one that is not there, or the same new one twice: none of them is made
        foreach (var second in new[] { (From: Guid.NewGuid(), Id: Guid.NewGuid()), (From: Guid.Parse($"{batch}"), Id: Guid.Empty) })
        {
            var first = Guid.NewGuid();
            (status, _) = await _book.Post(
                "/api/closing/next-season",
                $$"""
                {"who":"grower","batches":[{"from":"{{batch}}","id":"{{first}}"},
                {"from":"{{second.From}}","id":"{{(second.Id == Guid.Empty ? first : second.Id)}}"}]}
                """
            );
            Assert.InRange(status, 400, 404);
            Assert.Equal(2, (await _book.Get("/api/batches")).AsArray().Count);
        }
    }

    [Fact]
    public async Task Prices_are_kept_and_a_negative_one_is_refused()
    {
        await Up();
        const string prices = """
            {"seedEach":0.1,"mixPerLitre":0,"containerEach":0,"perKWh":0,"lampWatts":0,"matWatts":0,"perHour":0,"minutesAGesture":0,
            "boughtPlant":6}
            """;
        Assert.Equal(200, (await _book.Put("/api/closing/costs", prices)).Status);
        var books = await _book.Get("/api/closing");
        Assert.Equal((6.0, 6.0), (books["account"]!["totalCost"]!.GetValue<double>(), books["costs"]!["boughtPlant"]!.GetValue<double>()));
        var (status, problem) = await _book.Put(
            "/api/closing/costs",
            prices.Replace("\"perKWh\":0", "\"perKWh\":-1", StringComparison.Ordinal)
        );
        Assert.Equal((400, "perKWh"), (status, problem["field"]!.GetValue<string>()));
        var (bad, year) = await _book.Send(HttpMethod.Get, "/api/closing?season=last");
        Assert.Equal((400, "season"), (bad, year["field"]!.GetValue<string>()));
    }

    [Fact]
    public async Task Growing_on_is_recorded_and_asked_for_and_refused_out_of_its_time()
    {
        var batch = await Up();
        var (early, problem) = await _book.Record(batch, "2027-03-06", "warn", """{"kind":"carriedOut","part":"1","hours":2}""");
        Assert.Equal(409, early);
        Assert.Contains("not hardening off", problem["detail"]!.GetValue<string>(), StringComparison.Ordinal);
        var (bad, hours) = await _book.Record(batch, "2027-03-06", "warn", """{"kind":"carriedOut","part":"1","hours":25}""");
        Assert.Equal((400, "entries[0].payload.hours"), (bad, hours["field"]!.GetValue<string>()));
        var (_, potted) = await _book.Record(
            batch,
            "2027-03-07",
            "warn",
            """{"kind":"movedOn","part":"1","from":"seedling","to":"potted","plants":22,"divided":true,"potCm":9}"""
        );
        Assert.Contains(potted["log"]!.AsArray(), l => l!["words"]!.GetValue<string>() == "Divided, potted 22 plants, pots of 9 cm.");
        var (_, out1) = await _book.Record(
            batch,
            "2027-03-08",
            "warn",
            """{"kind":"stepStarted","part":"1","step":3,"place":"yard"}""",
            """{"kind":"carriedOut","part":"1","hours":2}"""
        );
        var hardening = out1["parts"]![0]!["hardening"]!;
        Assert.Equal("done", hardening["days"]![0]!["kind"]!.GetValue<string>());
        Assert.Contains(out1["due"]!.AsArray(), d => d!["kind"]!.GetValue<string>() == "carryOut");
        Assert.NotNull(out1["plantingOut"]!["words"]);
    }

    [Fact]
    public async Task Pots_say_what_room_they_take_and_a_batch_not_begun_has_no_books()
    {
        var batch = await Up();
        var room = await _book.Get($"/api/batches/{batch}/pots-room?plants=32&potCm=9");
        Assert.Equal(3, room["room"]!["trays"]!.GetValue<int>());
        var (wrong, field) = await _book.Send(HttpMethod.Get, $"/api/batches/{batch}/pots-room?plants=32&potCm=0");
        Assert.Equal((400, "potCm"), (wrong, field["field"]!.GetValue<string>()));
        var books = await _book.Get($"/api/closing/batches/{batch}");
        Assert.Equal((30, 8), (books["account"]!["germinated"]!.GetValue<int>(), books["account"]!["plants"]!["lost"]!.GetValue<int>()));
        // arrowleaf balsamroot takes a year or two in its pot
        var years = await _book.Get("/api/closing/years");
        Assert.Equal("arrowleaf balsamroot", Assert.Single(years.AsArray())!["commonName"]!.GetValue<string>());
        var (missing, problem) = await _book.Send(HttpMethod.Get, $"/api/closing/batches/{await _book.BatchOfBalsamroot()}");
        Assert.Equal(400, missing);
        Assert.Contains("has not begun", problem["detail"]!.GetValue<string>(), StringComparison.Ordinal);
    }

    /// <summary>Toxic plants are handled with the caution of toxic seed; what is only looked at carries none.</summary>
    [Fact]
    public async Task Thinning_a_toxic_kind_carries_its_caution_and_counting_does_not()
    {
        await _book.BatchOfBalsamroot();
        var (_, lot) = await _book.Post(
            "/api/lots",
            """{"speciesId":"goldenbanner","lot":{"gatheredAt":"meadow","gatheredOn":"2026-08-01","counted":200,"assumedFraction":0.6}}"""
        );
        var id = Guid.NewGuid();
        var (status, made) = await _book.Post(
            "/api/batches",
            $$"""
            {"id":"{{id}}","choice":"usual","seeds":40,"who":"grower","plan":{"speciesId":"goldenbanner","routeId":null,"lotId":{{lot[
                "id"
            ]}},"plants":20,"target":"sow","lastFrost":"2027-05-08","weeksFromLastFrost":0} }
            """
        );
        Assert.True(status == 200, made.ToJsonString());
        await Recorded(
            "2027-02-01",
            """
            {"kind":"sown","part":"1","place":"lamp-shelf","seeds":40,"vessel":{"kind":"deepCells","label":"deep cells 9",
            "cells":12} }
            """
        );
        await Recorded("2027-02-15", """{"kind":"count","part":"1","emerged":20,"lost":0}""", """{"kind":"trueLeaves","part":"1"}""");
        async Task Recorded(string day, params string[] payloads)
        {
            var (saved, body) = await _book.Record(id, day, "warn", payloads);
            Assert.True(saved == 200, body.ToJsonString());
        }
        var due = (await _book.Get("/api/rounds"))["places"]!
            .AsArray()
            .SelectMany(p => p!["parts"]!.AsArray())
            .Single(p => p!["commonName"]!.GetValue<string>().Contains("goldenbanner", StringComparison.Ordinal))!["due"]!.AsArray();
        JsonArray Cautions(string kind) => due.Single(d => d!["due"]!["kind"]!.GetValue<string>() == kind)!["cautions"]!.AsArray();
        // it dislikes being moved, so it is thinned where it stands
        Assert.Contains(Cautions("thin"), c => c!["topic"]!.GetValue<string>() == "toxicSeed");
        Assert.Empty(Cautions("countSeedlings"));
    }

    [Theory]
    [InlineData("light", """{"on":"05:00:00","off":"21:00:00","watts":80}""", "hoursOn", 16.0)]
    [InlineData("pot-size", """{"widthCm":9,"plants":24}""", "toCm", 14.0)]
    [InlineData("spacing", """{"plants":40,"spacingCm":50}""", "squareM2", 10.0)]
    public async Task The_sums_of_growing_on_stand_alone(string calculator, string body, string field, double expected)
    {
        var (status, answer) = await _book.Post($"/api/calculators/{calculator}", body);
        Assert.True(status == 200, answer.ToJsonString());
        Assert.Equal(expected, answer[field]!.GetValue<double>(), 9);
        Assert.NotEmpty(answer["working"]!.AsArray());
    }

    [Theory]
    [InlineData("pot-size", """{"widthCm":0}""", "widthCm")]
    [InlineData("hardening", """{"start":"2027-05-01","days":6}""", "days")]
    [InlineData("light", """{"on":"05:00:00","off":"21:00:00","watts":-1}""", "watts")]
    [InlineData("flowering", """{"kind":"gardenKind","plantOut":"2020-05-20"}""", "plantOut")]
    [InlineData("flowering", """{"kind":"gardenKind","plantOut":"2028-05-20","weeksToPlant":0}""", "weeksToPlant")]
    [InlineData("spacing", """{"plants":40,"spacingCm":0}""", "spacingCm")]
    public async Task Bad_input_to_them_names_its_field(string calculator, string body, string field)
    {
        var (status, problem) = await _book.Post($"/api/calculators/{calculator}", body);
        Assert.Equal((400, field), (status, problem["field"]!.GetValue<string>()));
    }

    [Fact]
    public async Task A_real_book_cannot_be_walked()
    {
        await _book.BatchOfBalsamroot();
        Assert.Equal(404, (await _book.Post("/api/demo/walk", """{"days":1}""")).Status);
    }

    [Fact]
    public async Task A_demo_is_walked_and_its_devices_speak_for_the_time_between()
    {
        var folder = Directory.CreateTempSubdirectory("gassel-walk-").FullName;
        var clock = new FakeTimeProvider(new DateTimeOffset(2026, 11, 1, 12, 0, 0, TimeSpan.Zero));
        var cancel = TestContext.Current.CancellationToken;
        await using var devices = StandIns.Build(0);
        await devices.StartAsync(cancel);
        var launch = new Launch(0, folder, Demo: true, Devices: new Uri(devices.Urls.First()));
        await using (var app = GasselHost.Build(launch, clock))
        {
            await app.StartAsync(cancel);
            Assert.Null(await DemoDevices.Plug(app.Services, app.Urls.First()));
            using var http = new HttpClient { BaseAddress = new Uri(app.Urls.First()) };
            async Task<JsonNode> Walk(string body) =>
                JsonNode.Parse(
                    await (
                        await http.PostAsync(
                            "/api/demo/walk",
                            new StringContent(body, System.Text.Encoding.UTF8, "application/json"),
                            cancel
                        )
                    ).Content.ReadAsStringAsync(cancel)
                )!;
            var walked = await Walk("""{"days":7}""");
            Assert.Equal("2027-03-21", walked["today"]!.GetValue<string>());
            // four devices, one reading in ten minutes each; none of them is silent
            Assert.Equal(4 * 7 * 144, walked["readings"]!.GetValue<int>());
            var yard = JsonNode.Parse(await http.GetStringAsync("/api/yard", cancel))!;
            // the freeze of the outlook has passed over what nobody covered
            Assert.Contains(yard["alerts"]!.AsArray(), a => a!["kind"]!.GetValue<string>() == "countSurvivors");
            Assert.Equal("days", (await Walk("""{"days":40}"""))["field"]!.GetValue<string>());
        }
        Directory.Delete(folder, recursive: true);
    }
}
