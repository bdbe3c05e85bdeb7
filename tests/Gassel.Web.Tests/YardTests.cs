using System.Globalization;
using System.Text;
using System.Text.Json.Nodes;
using Gassel.Core.Climate;

namespace Gassel.Web.Tests;

/// <summary>The yard over HTTP: making ready, setting out, what the model says, warnings acted on, and what is withheld.</summary>
public sealed partial class YardTests : IAsyncLifetime
{
    private const string Jug = """{"kind":"jug4","care":"capOff","mix":"lowNutrient","mixCm":8,"stonesKg":0,"own":null}""";
    private const string AllDone = """["drainHoles","ventHoles","hinge","mixFilled","moistened","sown","twoLabels","taped"]""";

    private readonly RunningBook _book = new();

    public ValueTask InitializeAsync() => _book.InitializeAsync();

    public ValueTask DisposeAsync() => _book.DisposeAsync();

    /// <summary>A site with sixteen invented years; the book's clock stands at 14 March 2027, and eight days of outlook follow.</summary>
    private async Task Site(double latitude = 46.8, Func<DailyTemperature, bool>? keep = null)
    {
        var csv = new StringBuilder("date,tmin,tmax\n");
        foreach (var day in WeatherGenerator.Days(ClimateNormals.SkarveBench, new(2011, 7, 1), new(2027, 3, 22), 3))
        {
            // mild up to the day, then a hard freeze
            var shift = day.Date switch
            {
                { Year: 2027, Month: 3, Day: >= 1 and <= 15 } => 8,
                { Year: 2027, Month: 3, Day: 16 or 17 } => -12,
                _ => 0,
            };
            if (keep?.Invoke(new(day.Date, day.MinC, day.MaxC)) == false)
                continue;
            csv.Append(CultureInfo.InvariantCulture, $"{day.Date:yyyy-MM-dd},{day.MinC + shift:0.0},{day.MaxC + shift:0.0}\n");
        }
        var (status, report) = await _book.Send(
            HttpMethod.Post,
            "/api/weather-file?save=true&name=invented",
            new StringContent(csv.ToString(), Encoding.UTF8, "text/csv")
        );
        Assert.True(status == 200, report.ToJsonString());
        var (set, site) = await _book.Put(
            "/api/site?asOf=*",
            $$"""
            {"name":"Test bench","latitude":{{latitude.ToString(CultureInfo.InvariantCulture)}},"timeZone":"America/Denver",
            "lastFrost":"05-08","weatherRecordId":{{report["savedAs"]}} }
            """
        );
        Assert.True(set == 200, site.ToJsonString());
    }

    private async Task<double> OutdoorsOn(string day) =>
        (await _book.Get("/api/yard"))["outlook"]!.AsArray().Single(d => d!["date"]!.GetValue<string>() == day)![
            "minC"
        ]!.GetValue<double>();

    [Fact]
    public async Task What_a_thermometer_of_the_yard_said_steers_nothing_from_the_moment_it_is_set_aside()
    {
        await Site();
        var byRecord = await OutdoorsOn("2027-03-12");
        var csv = new StringBuilder("when,temp\n");
        for (var hour = 0; hour <= 48; hour++)
            csv.Append(CultureInfo.InvariantCulture, $"{new DateTime(2027, 3, 11).AddHours(hour):yyyy-MM-dd HH:mm},-17\n");
        var (status, report) = await _book.Send(
            HttpMethod.Post,
            "/api/places/yard/reading-file?save=true&name=logger&atColumn=0&tempColumn=1",
            new StringContent(csv.ToString(), Encoding.UTF8, "text/csv")
        );
        Assert.True(status == 200, report.ToJsonString());
        Assert.Equal(-17, await OutdoorsOn("2027-03-12"), 6);
        await _book.Put($"/api/reading-series/{report["savedAs"]}", """{"aside":true}""");
        Assert.Equal(byRecord, await OutdoorsOn("2027-03-12"), 6);
    }

    private async Task<Guid> Batch(string species = "prairie-smoke", int seeds = 60)
    {
        if ((await _book.Get("/api/site"))["site"] is null)
            await _book.Put(
                "/api/site?asOf=*",
                """{"name":"Test bench","latitude":46.8,"timeZone":"America/Denver","lastFrost":"05-08"}"""
            );
        var (_, lot) = await _book.Post(
            "/api/lots",
            $$"""{"speciesId":"{{species}}","lot":{"gatheredAt":"slope","gatheredOn":"2026-07-01","counted":900,"assumedFraction":0.6} }"""
        );
        var id = Guid.NewGuid();
        var (status, made) = await _book.Post(
            "/api/batches",
            $$"""
            {"id":"{{id}}","choice":"usual","seeds":{{seeds}},"who":"grower","plan":{"speciesId":"{{species}}",
            "routeId":"{{species}}-winter-container","lotId":{{lot[
                "id"
            ]}},"plants":20,"target":"start","date":"2027-03-20"} }
            """
        );
        Assert.True(status == 200, made.ToJsonString());
        return id;
    }

    private static string Prepared(string done = AllDone, string setup = Jug, string part = "1") =>
        $$"""{"kind":"prepared","part":"{{part}}","setup":{{setup}},"done":{{done}} }""";

    private static string Out(string label = "jug 1", string place = "yard", string part = "1") =>
        $$"""
            {"kind":"stepStarted","part":"{{part}}","step":0,"seeds":60,"place":"{{place}}","vessel":{"kind":"container",
            "label":"{{label}}"} }
            """;

    private Task<(int Status, JsonNode Body)> Tend(Guid batch, string what, string day = "2027-03-14") =>
        _book.Record(batch, day, "warn", $$"""{"kind":"tended","part":"1","what":"{{what}}"}""");

    private async Task<JsonNode?> Alert(string kind) =>
        (await _book.Get("/api/yard"))["alerts"]!.AsArray().SingleOrDefault(a => a!["kind"]!.GetValue<string>() == kind);

    [Fact]
    public async Task A_container_without_holes_goes_out_only_after_a_word()
    {
        var batch = await Batch();
        var (status, problem) = await _book.Record(batch, "2026-12-01", "warn", Prepared("""["ventHoles"]"""), Out());
        Assert.Equal(409, status);
        Assert.Contains("drain holes", problem["detail"]!.GetValue<string>(), StringComparison.Ordinal);
        Assert.Equal(409, (await _book.Record(batch, "2026-12-01", "warn", Out())).Status);
        Assert.Equal(200, (await _book.Record(batch, "2026-12-01", "keep", Prepared("[]"), Out())).Status);
        Assert.Empty((await _book.Get("/api/rounds"))["conflicts"]!.AsArray());
    }

    [Fact]
    public async Task Kept_without_holes_and_watered_daily_it_goes_out_without_a_word()
    {
        var batch = await Batch();
        Assert.Equal(
            200,
            (
                await _book.Record(
                    batch,
                    "2026-12-01",
                    "warn",
                    Prepared("[]", Jug.Replace("capOff", "noHolesDailyWater", StringComparison.Ordinal)),
                    Out()
                )
            ).Status
        );
    }

    [Fact]
    public async Task What_is_to_go_out_stands_in_the_yard_until_it_is_and_keeps_what_was_done_at_the_table()
    {
        var batch = await Batch();
        await _book.Record(batch, "2027-03-14", "warn", Prepared("""["drainHoles"]"""));
        var waiting = Assert.Single((await _book.Get("/api/yard"))["toSetOut"]!.AsArray())!;
        Assert.Equal("drainHoles", waiting["done"]![0]!.GetValue<string>());
        Assert.Equal("jug4", waiting["setup"]!["kind"]!.GetValue<string>());
        Assert.Contains(waiting["cautions"]!.AsArray(), c => c!["topic"]!.GetValue<string>() == "containers");
        var due = (await _book.Get("/api/rounds"))["places"]!.AsArray().SelectMany(p => p!["parts"]!.AsArray()).Single()!["due"]![0]!;
        Assert.True(due["setsOut"]!.GetValue<bool>());
        await _book.Record(batch, "2027-03-14", "warn", Out());
        Assert.Empty((await _book.Get("/api/yard"))["toSetOut"]!.AsArray());
    }

    [Fact]
    public async Task The_model_tells_the_cold_of_a_jug_and_the_batch_counts_it_as_assumed()
    {
        await Site();
        var batch = await Batch();
        await _book.Record(batch, "2026-11-20", "warn", Prepared(), Out());
        var detail = await _book.Get($"/api/yard/containers/{batch}/1");
        var brief = detail["brief"]!;
        Assert.InRange(brief["cold"]!.GetValue<double>(), 15, 114);
        Assert.Equal(28, brief["coldNeed"]!.GetValue<double>());
        Assert.NotNull(brief["mediumC"]);
        Assert.True(detail["frozenHours"]!.GetValue<double>() > 100);
        var cold = (await _book.Get($"/api/batches/{batch}"))["parts"]![0]!["cold"]!;
        Assert.Equal(brief["cold"]!.GetValue<double>(), cold["assumed"]!["effective"]!.GetValue<double>(), 3);
        Assert.Equal(0, cold["measured"]!["effective"]!.GetValue<double>());
        Assert.Equal("modelled", cold["daily"]![3]!["source"]!.GetValue<string>());
    }

    [Fact]
    public async Task A_freeze_over_seedlings_is_warned_of_everywhere_and_quiet_once_they_are_carried_in()
    {
        await Site();
        var batch = await Batch();
        await _book.Record(batch, "2026-11-20", "warn", Prepared(), Out());
        Assert.Null(await Alert("freezeComing"));
        await _book.Record(batch, "2027-03-12", "warn", """{"kind":"count","part":"1","emerged":6,"lost":0}""");
        var alert = (await Alert("freezeComing"))!;
        Assert.Equal("Freeze coming: cover or bring in jug 1 (B-1 prairie smoke)", alert["title"]!.GetValue<string>());
        Assert.Equal(["covered", "carriedIn"], alert["actions"]!.AsArray().Select(a => a!["what"]!.GetValue<string>()));
        Assert.Contains((await _book.Get("/api/rounds"))["yard"]!.AsArray(), a => a!["kind"]!.GetValue<string>() == "freezeComing");
        Assert.Equal(200, (await Tend(batch, "carriedIn")).Status);
        _book.Clock.Advance(TimeSpan.FromHours(4));
        Assert.Null(await Alert("freezeComing"));
        Assert.Equal("carriedIn", (await _book.Get($"/api/yard/containers/{batch}/1"))["brief"]!["shelter"]!.GetValue<string>());
    }

    [Fact]
    public async Task Moved_under_the_eaves_the_model_follows()
    {
        await Site();
        var batch = await Batch();
        await _book.Record(batch, "2026-11-20", "warn", Prepared(), Out());
        var open = (await _book.Get($"/api/yard/containers/{batch}/1"))["frozenHours"]!.GetValue<double>();
        await _book.Record(batch, "2026-11-20", "warn", """{"kind":"moved","part":"1","place":"yard-eaves"}""");
        Assert.True((await _book.Get($"/api/yard/containers/{batch}/1"))["frozenHours"]!.GetValue<double>() < open);
    }

    [Fact]
    public async Task A_container_stands_in_one_place()
    {
        var batch = await Batch();
        await _book.Record(batch, "2026-11-20", "warn", Prepared(), Out());
        var (status, problem) = await _book.Record(
            batch,
            "2027-01-20",
            "warn",
            """{"kind":"moved","part":"1","place":"yard-eaves"}""",
            """{"kind":"moved","part":"1","place":"yard-shade"}"""
        );
        Assert.Equal((400, "entries[1].payload.place"), (status, problem["field"]!.GetValue<string>()));
        var other = await Batch("elegant-penstemon");
        Assert.Equal(409, (await _book.Record(other, "2026-11-20", "warn", Prepared(), Out("Jug 1", "yard-wall"))).Status);
    }

    [Theory]
    [InlineData("""{"kind":null,"care":"capOff","mix":"lowNutrient","mixCm":8,"stonesKg":0,"own":null}""", "setup.kind")]
    [InlineData("""{"kind":"jug4","care":"capOff","mix":"lowNutrient","mixCm":0,"stonesKg":0,"own":null}""", "setup.mixCm")]
    [InlineData(
        """
            {"kind":"jug4","care":"capOff","mix":"lowNutrient","mixCm":8,"stonesKg":0,"own":{"litres":2,"heightCm":20,
            "transmittance":0.5}}
            """,
        "setup.own"
    )]
    [InlineData(
        """{"kind":null,"care":"capOff","mix":"lowNutrient","mixCm":8,"stonesKg":0,"own":{"litres":2,"heightCm":20,"transmittance":1.5}}""",
        "setup.own.transmittance"
    )]
    public async Task A_container_that_cannot_be_is_refused_by_its_field(string setup, string field)
    {
        var (status, problem) = await _book.Post("/api/yard/preparation", setup);
        Assert.Equal((400, field), (status, problem["field"]!.GetValue<string>()));
        Assert.Equal(400, (await _book.Record(await Batch(), "2026-12-01", "warn", Prepared(setup: setup))).Status);
    }

    [Fact]
    public async Task Too_small_opaque_or_low_is_said_while_it_is_chosen()
    {
        var (_, advice) = await _book.Post(
            "/api/yard/preparation",
            """
            {"kind":null,"care":"capOff","mix":"lowNutrient","mixCm":8,"stonesKg":0,"own":{"litres":1,"heightCm":12,
            "transmittance":0}}
            """
        );
        Assert.Equal(3, advice["doubts"]!.AsArray().Count);
        Assert.Equal("drainHoles", advice["steps"]![0]!["step"]!.GetValue<string>());
    }

    [Fact]
    public async Task Two_missing_days_are_filled_and_three_withhold_what_follows()
    {
        await Site(keep: d => d.Date < new DateOnly(2027, 1, 10) || d.Date > new DateOnly(2027, 1, 11));
        var batch = await Batch();
        await _book.Record(batch, "2026-11-20", "warn", Prepared(), Out());
        var yard = await _book.Get("/api/yard");
        Assert.Contains(yard["working"]!.AsArray(), w =>
            w!.GetValue<string>().Contains("taken between the days beside it", StringComparison.Ordinal)
        );
        Assert.Null((await _book.Get($"/api/yard/containers/{batch}/1"))["brief"]!["withheld"]);

        await Site(keep: d => d.Date < new DateOnly(2027, 1, 10) || d.Date > new DateOnly(2027, 1, 12));
        var brief = (await _book.Get($"/api/yard/containers/{batch}/1"))["brief"]!;
        Assert.Contains("known only from 13 Jan", brief["withheld"]!.GetValue<string>(), StringComparison.Ordinal);
        Assert.Null(brief["cold"]);
    }

    [Fact]
    public async Task Without_weather_nothing_is_said_of_the_inside()
    {
        var batch = await Batch();
        await _book.Record(batch, "2026-11-20", "warn", Prepared(), Out());
        var brief = (await _book.Get("/api/yard"))["spots"]![0]!["containers"]![0]!;
        Assert.Contains("No weather is known", brief["withheld"]!.GetValue<string>(), StringComparison.Ordinal);
        Assert.Equal("unknown", brief["state"]!.GetValue<string>());
    }

    [Fact]
    public async Task The_same_lot_indoors_and_outdoors_stands_side_by_side()
    {
        await Site();
        var outdoors = await Batch();
        var lot = (await _book.Get("/api/lots"))[0]!["id"]!.GetValue<int>();
        var indoors = Guid.NewGuid();
        await _book.Post(
            "/api/batches",
            $$"""
            {"id":"{{indoors}}","choice":"usual","seeds":50,"who":"grower","plan":{"speciesId":"prairie-smoke",
            "routeId":"prairie-smoke-light","lotId":{{lot}},"plants":20,"target":"start","date":"2027-03-20"} }
            """
        );
        await _book.Record(outdoors, "2026-11-20", "warn", Prepared(), Out());
        await _book.Record(outdoors, "2027-03-10", "warn", """{"kind":"count","part":"1","emerged":12,"lost":2,"cause":"slugs"}""");
        Assert.Empty(await Ways());
        await _book.Record(
            indoors,
            "2027-02-20",
            "warn",
            """{"kind":"sown","part":"1","place":"heat-mat","vessel":{"kind":"tray","label":"tray 2","cells":72},"seeds":50}"""
        );
        await _book.Record(indoors, "2027-03-08", "warn", """{"kind":"count","part":"1","emerged":30,"lost":0}""");
        var both = Assert.Single(await Ways())!;
        // R: prop.test(c(30, 12), c(50, 60), correct = FALSE) gives 0.6 and 0.2; Newcombe's interval reaches over neither 0
        Assert.Equal(0.4, both["pair"]!["difference"]!.GetValue<double>(), 9);
        Assert.StartsWith(
            "Not over. So far: 60 % of 50 indoors, 20 % of 60 outdoors: indoors came up more",
            both["sentence"]!.GetValue<string>(),
            StringComparison.Ordinal
        );
        Assert.Equal("slugs", both["outdoors"]!["lost"]![0]!["cause"]!.GetValue<string>());
        Assert.Equal(110, both["outdoors"]!["meanDays"]!.GetValue<double>());

        async Task<JsonArray> Ways() => (await _book.Get("/api/yard/indoors-outdoors")).AsArray();
    }
}
