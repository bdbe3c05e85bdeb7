using System.Text.Json.Nodes;
using Gassel.Data;
using Gassel.Data.Readings;
using Gassel.Data.Rows;
using Microsoft.Extensions.DependencyInjection;

namespace Gassel.Web.Tests;

/// <summary>Thermometers that send by themselves, into an empty book.</summary>
public sealed class ThermometerTests : IAsyncLifetime
{
    private readonly RunningBook _book = new();

    public ValueTask InitializeAsync() => _book.InitializeAsync();

    public ValueTask DisposeAsync() => _book.DisposeAsync();

    private async Task<(string Id, string Token)> Make(string place = "cold-shelf")
    {
        var (status, made) = await _book.Post("/api/thermometers", $$"""{"name":"fridge","place":"{{place}}"}""");
        Assert.True(status == 201, made.ToJsonString());
        return (made["id"]!.GetValue<string>(), made["token"]!.GetValue<string>());
    }

    private Task<(int Status, JsonNode Body)> Send(string id, string? token, string json, string type = "application/json") =>
        _book.SendReadings(id, token, json, type);

    private async Task<JsonNode> Now(string place = "cold-shelf") => (await _book.Get($"/api/places/{place}/temperature"))["now"]!;

    [Fact]
    public async Task A_reading_sent_is_measured_and_sent_twice_it_is_one()
    {
        var (id, token) = await Make();
        var at = _book.Clock.GetUtcNow().AddMinutes(-3).ToString("O", System.Globalization.CultureInfo.InvariantCulture);
        var (status, taken) = await Send(
            id,
            token,
            $$"""[{"tempC":4.25,"at":"{{at}}"},{"tempF":39.65,"at":"{{at}}","humidityPercent":81}]"""
        );
        Assert.Equal((200, 2), (status, taken["accepted"]!.GetValue<int>()));
        var now = await Now();
        Assert.Equal(("measured", 4.25), (now["source"]!.GetValue<string>(), now["tempC"]!.GetValue<double>()));
        var series = (await _book.Get("/api/places/cold-shelf/temperature"))["series"]!.AsArray().Single()!;
        Assert.Equal(1, series["count"]!.GetValue<int>());
        Assert.Equal("sent", series["source"]!.GetValue<string>());
        var humidity = (await _book.Get("/api/places/cold-shelf/temperature"))["humidity"]!.AsArray();
        Assert.Equal(81, Assert.Single(humidity)!["meanPercent"]!.GetValue<double>());
        // without a moment it is of now
        Assert.Equal(200, (await Send(id, token, """{"tempF":50}""")).Status);
        Assert.Equal(10, (await Now())["tempC"]!.GetValue<double>(), 2);
    }

    /// <summary>An older version let made-up probes into real books; they are set aside as the book opens.</summary>
    [Fact]
    public async Task A_made_up_thermometer_of_a_real_book_is_set_aside_at_the_start_and_told_on_Rounds()
    {
        var (id, token) = await Make();
        await Send(id, token, """{"tempC":4.25}""");
        Assert.Empty((await _book.Get("/api/rounds"))["simulatedAside"]!.AsArray());
        var series = (await _book.Get("/api/places/cold-shelf/temperature"))["series"]![0]!["id"]!.GetValue<int>();
        await _book
            .Services.GetRequiredService<ReadingBook>()
            .Change(series, row => row.Device = DeviceKind.FridgeProbe, _book.Services.GetRequiredService<WriteGate>());
        await _book.Restart();
        Assert.Equal("fridge", Assert.Single((await _book.Get("/api/rounds"))["simulatedAside"]!.AsArray())!.GetValue<string>());
        Assert.Equal("assumed", (await Now())["source"]!.GetValue<string>());
        // its reading is still there
        var kept = (await _book.Get("/api/places/cold-shelf/temperature"))["series"]![0]!;
        Assert.Equal((true, 1), (kept["aside"]!.GetValue<bool>(), kept["count"]!.GetValue<int>()));
    }

    [Theory]
    [InlineData("""{"tempC":-300}""", "tempC was -300; valid is a number from -60 to 80")]
    [InlineData("""{"tempF":400}""", "tempF was 400; valid is a number from -76 to 176")]
    [InlineData("""{"tempC":1e999}""", "tempC must be a number")]
    [InlineData("""{"tempC":"4.2"}""", "tempC must be a number, not in quotes")]
    [InlineData("""{"tempC":4,"tempF":39}""", "exactly one of tempC and tempF")]
    [InlineData("""{"tempC":4,"at":"1970-01-01T00:00:00Z"}""", "before 2001")]
    [InlineData("""{"tempC":4,"at":"2099-01-01T00:00:00Z"}""", "more than 5 minutes ahead")]
    [InlineData("""{"tempC":4,"at":"2026-11-01T00:00:00"}""", "RFC 3339")]
    [InlineData("""{"tempC":4,"humidityPercent":101}""", "humidityPercent was 101")]
    [InlineData("""7""", "a reading is an object")]
    public async Task What_cannot_be_a_reading_is_refused_with_its_reason_and_the_rest_is_kept(string bad, string why)
    {
        var (id, token) = await Make();
        var (status, taken) = await Send(id, token, $$"""[{"tempC":3},{{bad}}]""");
        Assert.Equal((200, 1), (status, taken["accepted"]!.GetValue<int>()));
        var refused = Assert.Single(taken["refused"]!.AsArray())!;
        Assert.Equal(1, refused["index"]!.GetValue<int>());
        Assert.Contains(why, refused["why"]!.GetValue<string>(), StringComparison.Ordinal);
        Assert.Equal(3, (await Now())["tempC"]!.GetValue<double>());
    }

    [Fact]
    public async Task A_broken_token_a_stranger_and_too_much_at_once_are_refused_and_nothing_is_kept()
    {
        var (id, token) = await Make();
        Assert.Equal(401, (await Send(id, token + "x", """{"tempC":3}""")).Status);
        Assert.Equal(401, (await Send(id, null, """{"tempC":3}""")).Status);
        Assert.Equal(401, (await Send(Guid.NewGuid().ToString(), token, """{"tempC":3}""")).Status);
        Assert.Equal(400, (await Send(id, token, """{"tempC":3""")).Status);
        Assert.Equal(415, (await Send(id, token, "3", "text/plain")).Status);
        var many = string.Join(',', Enumerable.Repeat("""{"tempC":3}""", 10_001));
        var (status, problem) = await Send(id, token, $"[{many}]");
        Assert.Equal(400, status);
        Assert.Contains("valid are 1 to 10000", problem["detail"]!.GetValue<string>(), StringComparison.Ordinal);
        Assert.Equal("assumed", (await Now())["source"]!.GetValue<string>());
    }

    [Fact]
    public async Task A_renewed_token_replaces_the_old_one_and_one_taken_off_sends_no_more()
    {
        var (id, token) = await Make();
        var fresh = (await _book.Post($"/api/thermometers/{id}/token", "{}")).Body["token"]!.GetValue<string>();
        Assert.Equal(401, (await Send(id, token, """{"tempC":3}""")).Status);
        Assert.Equal(200, (await Send(id, fresh, """{"tempC":3}""")).Status);
        var series = (await _book.Get("/api/places/cold-shelf/temperature"))["series"]!.AsArray().Single()!["id"];
        await _book.Put($"/api/reading-series/{series}", """{"attached":false}""");
        Assert.Equal(409, (await Send(id, fresh, """{"tempC":3}""")).Status);
    }

    [Fact]
    public async Task A_place_that_is_not_there_and_a_name_left_out_are_named()
    {
        Assert.Equal(404, (await _book.Post("/api/thermometers", """{"name":"a","place":"cellar"}""")).Status);
        Assert.Equal(400, (await _book.Post("/api/thermometers", """{"name":" ","place":"table"}""")).Status);
    }

    /// <summary>One that falls silent is told on the place, as with any other.</summary>
    [Fact]
    public async Task Silence_is_told()
    {
        var (id, token) = await Make();
        await Send(id, token, """{"tempC":3}""");
        _book.Clock.Advance(TimeSpan.FromHours(12));
        Assert.Contains(
            "No reading from the thermometer of cold shelf",
            (await Now())["troubles"]!.AsArray().Single()!["words"]!.GetValue<string>(),
            StringComparison.Ordinal
        );
    }
}
