using System.Text;
using System.Text.Json.Nodes;

namespace Gassel.Web.Tests;

/// <summary>Effective chilling over HTTP, by its contract.</summary>
public sealed class ChillingEndpointTests : IAsyncLifetime
{
    private const string Path = "/api/calculators/chilling";
    private readonly RunningBook _book = new();

    public ValueTask InitializeAsync() => _book.InitializeAsync();

    public ValueTask DisposeAsync() => _book.DisposeAsync();

    private async Task<JsonNode> Answer(string json)
    {
        var (status, body) = await _book.Post(Path, json);
        Assert.True(status == 200, body.ToJsonString());
        return body;
    }

    /// <summary>Exact by arcsine, agreeing with R on midpoints.</summary>
    [Fact]
    public async Task A_day_from_five_to_fifteen_degrees()
    {
        var body = await Answer("""{"daily":[{"date":"2027-01-10","minC":5,"maxC":15}]}""");
        Assert.Equal(0.318310, body["effectiveDays"]!.GetValue<double>(), 5e-7);
        Assert.Equal(7.45923, body["chillHours"]!.GetValue<double>(), 5e-6);
        Assert.Equal(
            (1.0, 0, 0),
            (body["calendarDays"]!.GetValue<double>(), body["uncertainDays"]!.GetValue<int>(), body["gapHours"]!.GetValue<int>())
        );
        Assert.Equal("2027-01-10", body["daily"]![0]!["date"]!.GetValue<string>());
        Assert.NotEmpty(body["working"]!.AsArray());
    }

    [Fact]
    public async Task The_response_readings_need_and_gaps_come_through()
    {
        var body = await Answer(
            """
            {"readings":[{"at":"2027-01-10T00:00:00-07:00","tempC":7},{"at":"2027-01-10T06:00:00-07:00","tempC":7},
            {"at":"2027-01-10T18:00:00-07:00","tempC":7},{"at":"2027-01-11T00:00:00-07:00","tempC":7}],"response":[-1,0.5,6,12]}
            """
        );
        Assert.Equal(0.5 * 5 / 6, body["effectiveDays"]!.GetValue<double>(), 9);
        Assert.Equal(
            (12.0, "2027-01-10T06:00:00-07:00"),
            (body["gapHours"]!.GetValue<double>(), body["gaps"]![0]!["from"]!.GetValue<string>())
        );
        var warm = await Answer(
            """
            {"daily":[{"date":"2027-01-10","minC":3,"maxC":3},{"date":"2027-01-11","minC":18,"maxC":20},{"date":"2027-01-12",
            "minC":18,"maxC":20},{"date":"2027-01-13","minC":18,"maxC":20}],"need":2}
            """
        );
        Assert.Equal((3, 0.0), (warm["interruptions"]![0]!["days"]!.GetValue<int>(), warm["range"]!["low"]!.GetValue<double>()));
    }

    [Theory]
    [InlineData("""{}""", "daily")]
    [InlineData("""{"daily":[]}""", "daily")]
    [InlineData("""{"daily":[{"date":"2027-01-10","minC":5,"maxC":4}]}""", "daily[0].minC")]
    [InlineData("""{"daily":[{"date":"2027-01-10","minC":5}]}""", "daily[0].maxC")]
    [InlineData("""{"daily":[{"date":"2027-01-10","minC":1,"maxC":2},{"date":"2027-01-10","minC":1,"maxC":2}]}""", "daily[1].date")]
    [InlineData("""{"daily":[{"date":"2027-01-10","minC":1,"maxC":2}],"readings":[{"at":"2027-01-10T00:00:00Z","tempC":1}]}""", "readings")]
    [InlineData("""{"daily":[{"date":"2027-01-10","minC":1,"maxC":2}],"response":[0,1,5]}""", "response")]
    [InlineData("""{"daily":[{"date":"2027-01-10","minC":1,"maxC":2}],"response":[0,5,1,10]}""", "response")]
    [InlineData("""{"readings":[{"at":"2027-01-10T01:00:00Z","tempC":1},{"at":"2027-01-10T00:00:00Z","tempC":1}]}""", "readings[1].at")]
    [InlineData("""{"readings":[{"at":"2027-01-10T01:00:00Z","tempC":"1"}]}""", "readings[0].tempC")]
    public async Task Bad_input_is_named(string json, string field)
    {
        var (status, problem) = await _book.Post(Path, json);
        Assert.Equal((400, field), (status, problem["field"]!.GetValue<string>()));
    }

    /// <summary>A winter of 10-minute readings is two megabytes, past what other addresses take.</summary>
    [Fact]
    public async Task A_winter_of_ten_minute_readings_is_taken()
    {
        var json = new StringBuilder("{\"readings\":[");
        var from = new DateTimeOffset(2026, 11, 1, 0, 0, 0, TimeSpan.Zero);
        for (var i = 0; i <= 144 * 150; i++)
            json.Append(i == 0 ? "" : ",")
                .Append(
                    System.Globalization.CultureInfo.InvariantCulture,
                    $$"""{"at":"{{from.AddMinutes(10 * i):yyyy-MM-ddTHH:mm:ss}}Z","tempC":4}"""
                );
        var body = await Answer(json.Append("]}").ToString());
        Assert.Equal(150, body["effectiveDays"]!.GetValue<double>(), 1e-6);
    }
}
