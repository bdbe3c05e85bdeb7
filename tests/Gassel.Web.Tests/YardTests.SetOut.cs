using System.Globalization;
using System.Text.Json.Nodes;

namespace Gassel.Web.Tests;

/// <summary>When seed is set out, by the winters on record.</summary>
public sealed partial class YardTests
{
    [Fact]
    public async Task The_days_of_a_wish_for_a_container_are_those_that_the_winters_on_record_allow()
    {
        await Site();
        var days = (await _book.Get("/api/yard/set-out?speciesId=balsamroot&routeId=balsamroot-winter-container"))["setOut"]!;
        var (told, cold) = (days["safeWindow"] ?? days["window"], days["window"]);
        var (status, report) = await _book.Post(
            "/api/wishes",
            """
            {"lines":[{"species":"balsamroot","plants":"10","when":"2029","route":"balsamroot-winter-container"}],
            "save":true,"who":"grower"}
            """
        );
        Assert.True(status == 200 && report["accepted"]!.GetValue<int>() == 1, report.ToJsonString());
        async Task<JsonNode> Plan() => Assert.Single((await _book.Get("/api/wishes"))["wishes"]!.AsArray())!["plan"]!;
        var plan = await Plan();
        // told for the winter that began in 2026; the wish is for the one that begins in 2028
        string Day(JsonNode window, string end) =>
            DateOnly
                .Parse(window[end]!.GetValue<string>(), CultureInfo.InvariantCulture)
                .AddYears(2)
                .ToString("yyyy-MM-dd", CultureInfo.InvariantCulture);
        Assert.Equal(Day(told!, "latest"), plan["start"]!["latest"]!.GetValue<string>());
        Assert.Contains(days["windowWords"]!.GetValue<string>(), plan["working"]!.AsArray().Select(w => w!.GetValue<string>()));

        // who accepts every freeze has all days with enough cold
        var site = await _book.Get("/api/site");
        var (set, answer) = await Accept(1);
        Assert.True(set == 200, answer.ToJsonString());
        Assert.Equal(Day(cold!, "latest"), (await Plan())["start"]!["latest"]!.GetValue<string>());
        var (refused, why) = await Accept(1.5);
        Assert.True(refused == 400 && why["field"]!.GetValue<string>() == "settings.acceptFreeze", why.ToJsonString());

        Task<(int Status, JsonNode Body)> Accept(double share)
        {
            var settings = site["settings"]!.DeepClone();
            settings["acceptFreeze"] = share;
            return _book.Put(
                "/api/site?asOf=*",
                $$"""
                {"name":"Test bench","latitude":46.8,"timeZone":"America/Denver","lastFrost":"05-08",
                "weatherRecordId":{{site["site"]!["weatherRecordId"]}},"settings":{{settings.ToJsonString()}} }
                """
            );
        }
    }

    [Fact]
    public async Task Days_that_are_just_over_are_told_so_for_this_winter_and_not_for_another()
    {
        await Site();
        // 10 January: past the days with enough cold for balsamroot, which end in November here, and before the end of midwinter
        _book.Clock.AdjustTime(new(2027, 1, 10, 12, 0, 0, TimeSpan.Zero));
        await _book.Post(
            "/api/wishes",
            """
            {"lines":[{"species":"balsamroot","plants":"10","when":"2027","route":"balsamroot-winter-container"},
            {"species":"balsamroot","plants":"10","when":"2029","route":"balsamroot-winter-container"}],
            "save":true,"who":"grower"}
            """
        );
        var plans = (await _book.Get("/api/wishes"))["wishes"]!.AsArray().Select(w => w!["plan"]!).ToList();
        Assert.Equal("2027-01-10", plans[0]["start"]!["latest"]!.GetValue<string>());
        Assert.Equal(
            [true, false],
            plans.Select(p => p["working"]!.ToJsonString().Contains("Those days are over for this winter", StringComparison.Ordinal))
        );
    }

    [Fact]
    public async Task Waves_are_told_from_the_winters_on_record_and_not_from_the_other_hemisphere()
    {
        await Site();
        var waves = await _book.Get("/api/yard/waves?preset=jug4&cap=off");
        Assert.Equal(2026, waves["season"]!.GetValue<int>());
        var smoke = waves["species"]!.AsArray().Single(s => s!["speciesId"]!.GetValue<string>() == "prairie-smoke")!;
        Assert.Equal(15, smoke["setOut"]!["winters"]!.GetValue<int>());
        Assert.NotNull(smoke["setOut"]!["window"]);
        var one = await _book.Get("/api/yard/set-out?speciesId=prairie-smoke&routeId=prairie-smoke-winter-container");
        Assert.Equal(smoke["setOut"]!.ToJsonString(), one["setOut"]!.ToJsonString());
        // between two days of the same winter, with the one that is told among them
        var range = await _book.Get("/api/yard/set-out/range?speciesId=prairie-smoke&routeId=prairie-smoke-winter-container");
        var (latest, told) = (range["latest"]!, smoke["setOut"]!["window"]!["latest"]!.GetValue<string>());
        Assert.True(string.CompareOrdinal(latest["earliest"]!.GetValue<string>(), told) <= 0, range.ToJsonString());
        Assert.True(string.CompareOrdinal(latest["latest"]!.GetValue<string>(), told) >= 0, range.ToJsonString());
        Assert.StartsWith("As far as the numbers of the model", range["words"]!.GetValue<string>(), StringComparison.Ordinal);
        foreach (
            var (query, field) in new[] { ("speciesId=heather&routeId=x", "speciesId"), ("speciesId=prairie-smoke&routeId=x", "routeId") }
        )
        {
            var (status, problem) = await _book.Send(HttpMethod.Get, $"/api/yard/set-out/range?{query}");
            Assert.True(
                status is 400 or 404 && problem["field"]!.GetValue<string>() == field,
                $"{query}: {status} {problem.ToJsonString()}"
            );
        }
        foreach (var preset in new[] { "teapot", "-1", "1", "jug4,bottle2" })
        {
            var (status, problem) = await _book.Send(HttpMethod.Get, $"/api/yard/waves?preset={preset}");
            Assert.True(status == 400 && problem["field"]!.GetValue<string>() == "preset", $"{preset}: {status}");
        }

        await Site(-46.8);
        Assert.Contains("other hemisphere", (await _book.Get("/api/yard/waves"))["withheld"]!.GetValue<string>(), StringComparison.Ordinal);
    }
}
