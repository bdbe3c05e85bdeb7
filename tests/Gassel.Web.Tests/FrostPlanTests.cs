using System.Globalization;
using System.Text;
using System.Text.Json.Nodes;

namespace Gassel.Web.Tests;

/// <summary>
/// A record of twenty made-up years, frost to a day between 1 and 20 May by year, read by Site and by Plan in the same words.
/// </summary>
public sealed class FrostPlanTests : IAsyncLifetime
{
    private readonly RunningBook _book = new();

    public async ValueTask InitializeAsync()
    {
        await _book.InitializeAsync();
        await _book.BatchOfBalsamroot();
        var csv = new StringBuilder("date,tmin,tmax\n");
        for (var day = new DateOnly(2006, 1, 1); day.Year < 2026; day = day.AddDays(1))
        {
            var lastFrost = new DateOnly(day.Year, 5, 1 + (day.Year - 2006));
            var cold = day <= lastFrost || day >= new DateOnly(day.Year, 10, 1);
            csv.Append(CultureInfo.InvariantCulture, $"{day:yyyy-MM-dd},{(cold ? -1 : 6)},{(cold ? 8 : 20)}\n");
        }
        using var file = new StringContent(csv.ToString(), Encoding.UTF8, "text/csv");
        await _book.Send(HttpMethod.Post, "/api/weather-file?save=true&name=twenty", file);
        await Choose("0");
    }

    public ValueTask DisposeAsync() => _book.DisposeAsync();

    private Task<(int Status, JsonNode Body)> Choose(string offsetK) =>
        _book.Put(
            "/api/site?asOf=*",
            $$"""
            {"name":"Test bench","latitude":46.8,"timeZone":"America/Denver","lastFrost":"05-08","weatherRecordId":1,
            "settings":{"frostBasis":"record","frostOffsetK":{{offsetK}} } }
            """
        );

    private async Task<string[]> FrostOf(string date, string route = "balsamroot-fridge")
    {
        var (status, plan) = await _book.Post(
            "/api/plan",
            $$"""{"speciesId":"balsamroot","routeId":"{{route}}","lotId":1,"plants":20,"target":"plantOut","date":"{{date}}"}"""
        );
        Assert.True(status == 200, plan.ToJsonString());
        return [.. plan["frost"]!.AsArray().Select(l => l!.GetValue<string>())];
    }

    [Fact]
    public async Task The_days_to_measure_from_are_the_quantiles_of_the_record()
    {
        var days = (await _book.Get("/api/site"))["frostDays"]!.AsArray();
        // 1 to 20 May: the middle is 10.5 May, nine tenths 18.1 May; leap years fall a day later in the 365-day calendar
        Assert.Equal(
            ("05-11", "half of 20 springs still had frost later"),
            (days[0]!["monthDay"]!.GetValue<string>(), days[0]!["words"]!.GetValue<string>())
        );
        Assert.Equal(
            ("05-18", "one spring in ten of 20 still had frost later"),
            (days[1]!["monthDay"]!.GetValue<string>(), days[1]!["words"]!.GetValue<string>())
        );
    }

    [Fact]
    public async Task A_plan_says_what_its_day_means_in_springs_and_in_autumns()
    {
        Assert.Equal(["Plants set out 18 May: one spring in ten still had frost later (2 of 20)."], await FrostOf("2029-05-18"));
        Assert.Equal(["Plants set out 21 May: none of 20 springs still had frost later."], await FrostOf("2029-05-21"));
        Assert.Equal(["Plants set out 2 Oct: all of 20 autumns had frost before it."], await FrostOf("2029-10-02"));
        Assert.Equal(["Plants set out 30 Sep: none of 20 autumns had frost before it."], await FrostOf("2029-09-30"));
    }

    [Fact]
    public async Task Outdoors_the_seedlings_own_hardiness_is_asked()
    {
        var lines = await FrostOf("2029-10-02", "balsamroot-winter-container");
        Assert.Equal(2, lines.Length);
        Assert.Contains("for −6 °C, which kills those that come up at snow-melt, none of 20 springs", lines[0]);
    }

    /// <summary>Six degrees colder in the hollow, and every day of the made-up summer of 6 °C minima is a frost.</summary>
    [Fact]
    public async Task A_cold_hollow_moves_the_frost()
    {
        var (status, site) = await Choose("-5.5");
        Assert.Equal(200, status);
        Assert.Equal("05-11", site["frostDays"]![0]!["monthDay"]!.GetValue<string>());
        (_, site) = await Choose("-6");
        Assert.Equal("07-31", site["frostDays"]![0]!["monthDay"]!.GetValue<string>());
    }

    [Fact]
    public async Task Frost_at_four_thresholds_is_told_in_words()
    {
        var frost = await _book.Get("/api/weather-records/1/frost");
        Assert.Equal([0.0, -2.0, -4.0, -6.0], frost["thresholds"]!.AsArray().Select(t => t!["thresholdC"]!.GetValue<double>()));
        Assert.Equal(
            "Half of the springs had frost after 11 May, one in ten after 18 May.",
            frost["thresholds"]![0]!["spring"]!.GetValue<string>()
        );
        Assert.Equal("No such frost in 20 springs.", frost["thresholds"]![1]!["spring"]!.GetValue<string>());
        Assert.Equal("The ground froze in none of 19 winters, by the air alone.", frost["groundFreezeWords"]!.GetValue<string>());
        Assert.Equal(404, (await _book.Send(HttpMethod.Get, "/api/weather-records/7/frost")).Status);
    }

    private async Task<JsonNode> SownInAugust()
    {
        await _book.Post(
            "/api/lots",
            """{"speciesId":"blue-flax","lot":{"gatheredAt":"meadow","gatheredOn":"2026-07-01","counted":500}}"""
        );
        var (status, plan) = await _book.Post(
            "/api/plan",
            """{"speciesId":"blue-flax","lotId":2,"plants":20,"target":"sow","date":"2027-08-20"}"""
        );
        Assert.True(status == 200, plan.ToJsonString());
        return plan;
    }

    [Fact]
    public async Task Sown_in_late_summer_the_ways_through_the_winter_go_by_the_record_or_by_the_day_entered()
    {
        // frost from 1 Oct in each autumn of the record
        var late = (await SownInAugust())["late"]!;
        Assert.Equal("2027-10-01", late["firstFrost"]!.GetValue<string>());
        Assert.Equal(3, late["options"]!.AsArray().Count);
        await _book.Put(
            "/api/site?asOf=*",
            """{"name":"Test bench","latitude":46.8,"timeZone":"America/Denver","lastFrost":"05-08","settings":{"firstFrost":"09-20"}}"""
        );
        late = (await SownInAugust())["late"]!;
        Assert.Equal("2027-09-20", late["firstFrost"]!.GetValue<string>());
        Assert.Contains("entered by hand", late["working"]![1]!.GetValue<string>(), StringComparison.Ordinal);
    }

    [Fact]
    public async Task A_first_frost_that_nobody_knows_is_said_and_not_taken_as_fine()
    {
        await _book.Put(
            "/api/site?asOf=*",
            """{"name":"Test bench","latitude":46.8,"timeZone":"America/Denver","lastFrost":"05-08","settings":{}}"""
        );
        var plan = await SownInAugust();
        Assert.Null(plan["late"]);
        Assert.Contains(plan["frost"]!.AsArray(), l =>
            l!.GetValue<string>().Contains("enter that frost on Site", StringComparison.Ordinal)
        );
        var (status, refused) = await _book.Put(
            "/api/site?asOf=*",
            """{"name":"Test bench","latitude":46.8,"timeZone":"America/Denver","lastFrost":"05-08","settings":{"firstFrost":"31 Sep"}}"""
        );
        Assert.Equal((400, "settings.firstFrost"), (status, refused["field"]!.GetValue<string>()));
    }
}
