using System.Globalization;
using System.Text;
using System.Text.Json.Nodes;

namespace Gassel.Web.Tests;

/// <summary>Why few came up, and what own batches teach, over HTTP.</summary>
public sealed class JudgementTests : IAsyncLifetime
{
    private readonly RunningBook _book = new();

    public async ValueTask InitializeAsync()
    {
        await _book.InitializeAsync();
        await _book.Put("/api/site?asOf=*", """{"name":"Test bench","latitude":46.8,"timeZone":"America/Denver","lastFrost":"05-08"}""");
        await _book.Post(
            "/api/lots",
            """
            {"speciesId":"elegant-penstemon","lot":{"gatheredAt":"scree","gatheredOn":"2025-07-01","counted":5000,
            "assumedFraction":0.6}}
            """
        );
    }

    public ValueTask DisposeAsync() => _book.DisposeAsync();

    private const string Wish = """{"speciesId":"elegant-penstemon","lotId":1,"plants":20,"target":"sow","date":"2027-05-20"}""";

    /// <summary>In the cold from 1 October to these days, and so many of a hundred up: more cold, more of them.</summary>
    private static readonly (string Sown, int Up)[] ByCold =
    [
        ("2025-10-22", 20),
        ("2025-11-10", 30),
        ("2025-11-10", 44),
        ("2025-12-10", 60),
        ("2025-12-10", 70),
        ("2025-12-31", 80),
        ("2025-12-31", 90),
    ];

    private async Task<Guid> Sown(string cold, string sown, int up, int seeds = 100, double depthMm = 0)
    {
        var id = Guid.NewGuid();
        var (status, made) = await _book.Post(
            "/api/batches",
            $$"""{"id":"{{id}}","choice":"usual","seeds":{{seeds}},"who":"grower","plan":{{Wish}} }"""
        );
        Assert.True(status == 200, made.ToJsonString());
        await _book.Record(
            id,
            cold,
            "warn",
            $$"""{"kind":"stepStarted","part":"1","step":0,"seeds":{{seeds}},"place":"cold-shelf","vessel":null}"""
        );
        await _book.Record(
            id,
            sown,
            "warn",
            FormattableString.Invariant(
                $$"""
                {"kind":"sown","part":"1","place":"lamp-shelf","vessel":{"kind":"tray","label":"tray {{id.ToString()[..4]}}",
                "cells":72},"depthMm":{{depthMm}},"cover":"mix"}
                """
            )
        );
        var first = DateOnly.Parse(sown, System.Globalization.CultureInfo.InvariantCulture);
        foreach (var (day, share) in new[] { (12, 0.3), (16, 0.5), (21, 0.2), (35, 0.0) })
        {
            await _book.Record(
                id,
                first.AddDays(day).ToString("yyyy-MM-dd", System.Globalization.CultureInfo.InvariantCulture),
                "warn",
                $$"""{"kind":"count","part":"1","emerged":{{(int)(up * share)}},"lost":0}"""
            );
        }
        return id;
    }

    [Fact]
    public async Task A_tray_too_deep_after_a_short_cold_is_told_why()
    {
        var id = await Sown("2026-12-20", "2027-01-10", up: 0, depthMm: 8);
        var judged = await _book.Get($"/api/batches/{id}/parts/1/causes");
        Assert.True(judged["isLow"]!.GetValue<bool>());
        Assert.Equal(
            ["chillingShort", "tooDeep"],
            judged["causes"]!
                .AsArray()
                .Where(c => c!["likelihood"]!.GetValue<string>() == "likely")
                .Select(c => c!["cause"]!.GetValue<string>())
        );
        Assert.All(judged["causes"]!.AsArray(), c => Assert.NotEmpty(c!["lookNext"]!.GetValue<string>()));
        Assert.Contains(
            "Most likely: chilling short or interrupted; too deep.",
            judged["verdict"]!.GetValue<string>(),
            StringComparison.Ordinal
        );
        Assert.Equal(404, (await _book.Send(HttpMethod.Get, $"/api/batches/{id}/parts/7/causes")).Status);
    }

    [Fact]
    public async Task Own_batches_change_what_is_expected_and_the_plan_keeps_its_forecast()
    {
        var (_, before) = await _book.Post("/api/plan", Wish);
        Assert.Null(before["learned"]);
        Assert.Equal("expected", before["lot"]!["basis"]!.GetValue<string>());
        await Sown("2025-10-01", "2025-12-01", up: 20);
        await Sown("2025-10-05", "2025-12-05", up: 30);
        var (_, after) = await _book.Post("/api/plan", Wish);
        Assert.Equal("ownBatches", after["lot"]!["basis"]!.GetValue<string>());
        var learned = after["learned"]!;
        Assert.Equal(0.6, learned["priorMean"]!.GetValue<double>(), 9);
        Assert.Equal(2, learned["batches"]!.GetValue<int>());
        Assert.InRange(learned["mean"]!.GetValue<double>(), 0.3, 0.59);
        Assert.True(after["seeds"]!["seeds"]!.GetValue<int>() > before["seeds"]!["seeds"]!.GetValue<int>());

        var later = await Sown("2026-10-01", "2026-12-01", up: 90);
        var plan = (await _book.Get($"/api/batches/{later}"))["plan"]!;
        Assert.Equal(learned["mean"]!.GetValue<double>(), plan["forecast"]!["mean"]!.GetValue<double>(), 9);
        var route = (await _book.Get("/api/species/elegant-penstemon/results")).AsArray().Single()!;
        var outcome = route["batches"]!.AsArray()[^1]!;
        Assert.True(outcome["forecastKept"]!.GetValue<bool>());
        Assert.False(outcome["within"]!.GetValue<bool>());
        Assert.Equal(3, route["learned"]!["batches"]!.GetValue<int>());
        Assert.Equal(140, route["window"]!["seedlings"]!.GetValue<int>());
        // the route of the library itself is as it was
        Assert.Equal(
            1,
            (await _book.Get("/api/species")).AsArray().Single(s => s!["species"]!["id"]!.GetValue<string>() == "elegant-penstemon")![
                "species"
            ]!["routes"]![0]!["version"]!.GetValue<int>()
        );
    }

    [Fact]
    public async Task What_the_cold_does_is_told_once_batches_tell_it_and_the_plan_goes_by_it()
    {
        async Task<JsonNode> Cold() => (await _book.Get("/api/species/elegant-penstemon/results"))[0]!["cold"]!;
        await Sown("2025-10-01", "2025-12-10", up: 60);
        await Sown("2025-10-01", "2025-12-10", up: 70);
        var early = await Cold();
        Assert.False(early["speaks"]!.GetValue<bool>());
        Assert.Contains("5 are needed", early["words"]!.GetValue<string>(), StringComparison.Ordinal);
        Assert.Contains("of 50 seeds", early["trial"]!.GetValue<string>(), StringComparison.Ordinal);
        Assert.Empty(early["curve"]!.AsArray());
        foreach (
            var (sown, up) in new[] { ("2025-10-22", 10), ("2025-10-22", 20), ("2025-11-10", 30), ("2025-12-31", 80), ("2025-12-31", 90) }
        )
            await Sown("2025-10-01", sown, up);
        var told = await Cold();
        Assert.True(told["speaks"]!.GetValue<bool>(), told.ToJsonString());
        Assert.Null(told["trial"]);
        Assert.Equal(7, told["batches"]!.AsArray().Count);
        var curve = told["curve"]!.AsArray();
        Assert.Equal((21.0, 91.0), (curve[0]!["coldDays"]!.GetValue<double>(), curve[^1]!["coldDays"]!.GetValue<double>()));
        Assert.All(curve.Zip(curve.Skip(1)), p =>
            Assert.True(p.Second!["mean"]!.GetValue<double>() > p.First!["mean"]!.GetValue<double>())
        );
        // no batch had a cold like that of the plan, but the line through them has
        var (_, plan) = await _book.Post("/api/plan", Wish);
        Assert.Contains("batches of your own", plan.ToJsonString(), StringComparison.Ordinal);
    }

    [Fact]
    public async Task Which_treatments_matter_is_told_by_the_batches_that_differ_in_them()
    {
        async Task<JsonNode> Told() => (await _book.Get("/api/species/elegant-penstemon/treatments"))["species"]!;
        Assert.Null((await _book.Get("/api/species/elegant-penstemon/treatments"))["species"]);
        await Sown("2025-10-01", "2025-10-22", up: 10);
        var early = await Told();
        Assert.Empty(early["effects"]!.AsArray());
        Assert.Contains("1 finished batch with", early["working"]![0]!.GetValue<string>(), StringComparison.Ordinal);
        foreach (var (sown, up) in ByCold)
            await Sown("2025-10-01", sown, up);
        var told = await Told();
        var cold = told["effects"]!.AsArray().Single()!;
        Assert.StartsWith("Cold, 91 days against 21: about ", cold["words"]!.GetValue<string>(), StringComparison.Ordinal);
        Assert.True(cold["low"]!.GetValue<double>() > 0, cold.ToJsonString());
        Assert.Contains(told["silent"]!.AsArray(), w => w!.GetValue<string>() == "Scarifying: no batch had it.");
        Assert.Null((await _book.Get("/api/species/elegant-penstemon/treatments"))["genus"]);
        Assert.Equal(404, (await _book.Send(HttpMethod.Get, "/api/species/nettle/treatments")).Status);
    }

    /// <summary>Eight batches with 21 to 91 days of cold, a thermometer beside all of them.</summary>
    [Fact]
    public async Task What_the_cold_does_speaks_of_a_batch_in_the_cold_and_of_a_second_one()
    {
        foreach (var (sown, up) in ByCold.Prepend(("2025-10-22", 12)))
            await Sown("2025-10-01", sown, up);
        async Task<JsonNode> Cold() => (await _book.Get("/api/species/elegant-penstemon/results"))[0]!["cold"]!;
        Assert.True((await Cold())["speaks"]!.GetValue<bool>());
        Assert.Null((await Cold())["byThermometer"]);
        var csv = new StringBuilder("at,tempC\n");
        for (var at = new DateTime(2025, 9, 30, 0, 0, 0, DateTimeKind.Utc); at < new DateTime(2026, 1, 5); at = at.AddHours(1))
            csv.Append(CultureInfo.InvariantCulture, $"{at:yyyy-MM-ddTHH:mm:ssZ},{(at.Day % 3 == 0 ? 14 : 4)}\n");
        var (read, report) = await _book.Send(
            HttpMethod.Post,
            "/api/places/cold-shelf/reading-file?save=true&name=logger",
            new StringContent(csv.ToString(), Encoding.UTF8, "text/csv")
        );
        Assert.True(read == 200, report.ToJsonString());
        // a third of the days were too warm to count whole
        Assert.Matches(
            "^8 of 8 batches had a thermometer: by weight \\d+ days of cold fewer",
            (await Cold())["byThermometer"]!.GetValue<string>()
        );

        var left = await Sown("2027-01-02", "2027-02-02", up: 30);
        // by then it is itself a finished batch
        var offer = (await _book.Get($"/api/batches/{left}"))["parts"]![0]!["secondCold"]!;
        Assert.Matches("By 9 batches of your own, of 70 seeds not up yet about \\d+ \\(", offer["worth"]!.GetValue<string>());

        var id = Guid.NewGuid();
        await _book.Post("/api/batches", $$"""{"id":"{{id}}","choice":"usual","seeds":50,"who":"grower","plan":{{Wish}} }""");
        await _book.Record(
            id,
            "2027-02-01",
            "warn",
            """{"kind":"stepStarted","part":"1","step":0,"seeds":50,"place":"cold-shelf","vessel":null}"""
        );
        Assert.Matches(
            "^By 9 batches of your own, about \\d+ % \\(\\d+ to \\d+\\) come up after \\d+ days of cold\\.$",
            (await _book.Get($"/api/batches/{id}"))["parts"]![0]!["coldWorth"]!.GetValue<string>()
        );
    }

    [Fact]
    public async Task Three_measured_sowings_foretell_the_next_by_warmth_and_Plan_goes_by_it()
    {
        async Task<JsonNode?> Told() => (await _book.Get("/api/species/elegant-penstemon/warmth"))["told"];
        async Task<JsonNode> Expected() => (await _book.Post("/api/plan", Wish)).Body["comesUp"]!;
        Assert.Null(await Told());
        var byRoute = await Expected();
        Assert.Null(byRoute["byWarmth"]);
        foreach (var sown in new[] { "2025-11-10", "2025-12-10", "2026-01-10" })
        {
            var batch = await Sown("2025-10-01", sown, up: 60);
            if (sown == "2025-11-10")
                // what is set for the place is no measurement
                Assert.Contains("0 finished sowings", (await Told())!["words"]!.GetValue<string>(), StringComparison.Ordinal);
            await _book.Record(
                batch,
                sown,
                "warn",
                """{"kind":"check","part":"1","moisture":"right","mould":"none","sprouted":0,"placeC":16}"""
            );
        }
        var told = (await Told())!;
        Assert.True(told["isUsed"]!.GetValue<bool>(), told["words"]!.GetValue<string>());
        Assert.Equal([1, 2, 3], told["beside"]!.AsArray().Select(b => b!["batch"]!.GetValue<int>()));
        // counted on days 12 and 16; the route says 20
        Assert.All(told["beside"]!.AsArray(), b => Assert.Equal((12, 16), (b!["after"]!.GetValue<int>(), b["to"]!.GetValue<int>())));
        Assert.All(told["beside"]!.AsArray(), b => Assert.InRange(b!["byWarmth"]!["half"]!.GetValue<double>(), 12, 16));
        var byWarmth = await Expected();
        Assert.Contains("By the warmth of 3 sowings of your own", byWarmth["byWarmth"]!.GetValue<string>(), StringComparison.Ordinal);
        Assert.NotEqual(byRoute["to"]!.GetValue<string>(), byWarmth["to"]!.GetValue<string>());
        // what was told goes with the batch, and is what is judged of it later
        var next = await Sown("2026-02-01", "2026-04-10", up: 50);
        var made = await _book.Get($"/api/batches/{next}");
        var own = made["plan"]!["ownDays"]!;
        Assert.Equal(byWarmth["from"]!.GetValue<string>(), From(own["shortest"]!.GetValue<int>() - ByRoute(made["plan"]!)));
        Assert.Equal(own.ToJsonString(), made["parts"]![0]!["window"]!.ToJsonString());
        var judged = (await _book.Get("/api/forecasts-judged")).AsArray().Single(k => k!["kind"]!.GetValue<string>() == "emergence")!;
        Assert.Equal(own["usual"]!.GetValue<double>(), judged["forecasts"]!.AsArray()[^1]!["guess"]!.GetValue<double>());
        Assert.Equal(404, (await _book.Send(HttpMethod.Get, "/api/species/nettle/warmth")).Status);

        static int ByRoute(JsonNode plan) =>
            plan["steps"]!.AsArray().Select(s => s!["step"]!).Single(s => s["kind"]!.GetValue<string>() == "germinate")["days"]![
                "shortest"
            ]!.GetValue<int>();

        string From(int later) =>
            DateOnly
                .ParseExact(byRoute["from"]!.GetValue<string>(), "yyyy-MM-dd", CultureInfo.InvariantCulture)
                .AddDays(later)
                .ToString("yyyy-MM-dd", CultureInfo.InvariantCulture);
    }

    [Fact]
    public async Task What_was_foretold_is_kept_and_judged_when_the_truth_is_known()
    {
        Assert.Empty((await _book.Get("/api/forecasts-judged")).AsArray());
        var held = await Sown("2025-10-01", "2025-12-10", up: 60);
        var missed = await Sown("2025-10-01", "2025-12-10", up: 0);
        var judged = (await _book.Get("/api/forecasts-judged")).AsArray();
        // begun before they were planned, they tell nothing of start and treatment
        Assert.Equal(["germination", "emergence"], judged.Select(k => k!["kind"]!.GetValue<string>()));
        var said = (await _book.Get($"/api/batches/{held}"))["plan"]!["forecast"]!;
        var beside = judged[0]!["forecasts"]!.AsArray();
        Assert.Equal(said["low"]!.GetValue<double>(), beside[0]!["low"]!.GetValue<double>(), 12);
        Assert.Equal([true, false], beside.Select(f => f!["held"]!.GetValue<bool>()));
        Assert.StartsWith("1 of 2 forecasts of germination held", judged[0]!["words"]!.GetValue<string>(), StringComparison.Ordinal);
        // half of 60 was up at the second count, and of none there is no day
        Assert.Equal(16, judged[1]!["forecasts"]!.AsArray().Single()!["truth"]!.GetValue<double>());
        // an accident is no fault of a forecast
        await _book.Record(missed, "2026-02-01", "warn", """{"kind":"resultJudged","teaches":false,"why":"left out in the frost"}""");
        Assert.Single((await _book.Get("/api/forecasts-judged"))[0]!["forecasts"]!.AsArray());
    }

    [Fact]
    public async Task Past_curves_tell_what_may_still_come()
    {
        await Sown("2025-10-01", "2025-12-01", up: 80);
        var id = await Sown("2026-12-20", "2027-02-20", up: 0);
        var advice = (await _book.Get($"/api/batches/{id}"))["parts"]![0]!["result"]!["advice"]!;
        Assert.Contains(
            "1 past batches",
            string.Join(' ', advice["working"]!.AsArray().Select(w => w!.GetValue<string>())),
            StringComparison.Ordinal
        );
        Assert.Equal("wait", advice["kind"]!.GetValue<string>());
    }

    [Fact]
    public async Task A_kind_without_finished_batches_has_no_results_and_an_unknown_one_is_not_found()
    {
        Assert.Empty((await _book.Get("/api/species/balsamroot/results")).AsArray());
        Assert.Equal(404, (await _book.Send(HttpMethod.Get, "/api/species/nettle/results")).Status);
    }
}
