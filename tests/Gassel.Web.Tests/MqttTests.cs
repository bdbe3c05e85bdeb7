using System.Text;
using System.Text.Json.Nodes;
using Gassel.Data.Readings;
using Gassel.Devices;
using Gassel.Web.Features.Temperature;
using Microsoft.AspNetCore.Builder;
using Microsoft.Extensions.DependencyInjection;

namespace Gassel.Web.Tests;

/// <summary>A thermometer that sends through an MQTT broker, a real one in this process.</summary>
public sealed class MqttTests : IAsyncLifetime
{
    private readonly RunningBook _book = new();
    private WebApplication _outside = null!;

    private Broker Broker => _outside.Services.GetRequiredService<Broker>();

    public async ValueTask InitializeAsync()
    {
        await _book.InitializeAsync();
        _outside = StandIns.Build(0, withBroker: true);
        await _outside.StartAsync();
    }

    public async ValueTask DisposeAsync()
    {
        await _book.DisposeAsync();
        await _outside.DisposeAsync();
    }

    private async Task<string> Thermometer(string topic)
    {
        var (_, made) = await _book.Post("/api/thermometers", """{"name":"fridge","place":"cold-shelf"}""");
        var id = made["id"]!.GetValue<string>();
        Assert.Equal(200, (await _book.Put($"/api/thermometers/{id}/topic", topic)).Status);
        return id;
    }

    /// <summary>Asks again for at most ten seconds.</summary>
    private static async Task<T> Until<T>(Func<Task<T>> ask, Func<T, bool> wanted)
    {
        for (var i = 0; ; i++)
        {
            var answer = await ask();
            if (wanted(answer) || i == 200)
                return answer;
            await Task.Delay(50, TestContext.Current.CancellationToken);
        }
    }

    private Task<JsonNode> Heard(Func<JsonNode, bool> wanted) => Until(() => _book.Get("/api/broker"), wanted);

    private async Task<JsonNode> Connected()
    {
        var (status, _) = await _book.Put("/api/broker", $$"""{"host":"127.0.0.1","port":{{Broker.Port}}}""");
        Assert.Equal(200, status);
        return await Heard(b => b["connected"]!.GetValue<bool>());
    }

    private Task Say(string payload) => Broker.Publish("bench/fridge", payload, TestContext.Current.CancellationToken);

    /// <summary>Null while it is assumed.</summary>
    private async Task<double?> Now() =>
        (await _book.Get("/api/places/cold-shelf/temperature"))["now"] is { } now && now["source"]!.GetValue<string>() == "measured"
            ? now["tempC"]!.GetValue<double>()
            : null;

    [Fact]
    public async Task What_is_published_on_its_topic_is_a_reading_and_what_is_none_is_told()
    {
        await Thermometer("""{"topic":"bench/fridge","tempPath":"air.temp","unit":"fahrenheit"}""");
        Assert.Null((await Connected())["fault"]);
        await Say("""{"air":{"temp":39.2}}""");
        Assert.Equal(4, (await Until(Now, c => c is not null))!.Value, 6);
        Assert.NotNull((await Heard(b => b["lastMessageAt"] is not null))["lastMessageAt"]);
        await Say("""{"air":{}}""");
        var refused = (await Heard(b => b["lastRefused"] is not null))["lastRefused"]!.GetValue<string>();
        Assert.Equal("bench/fridge: air.temp leads to no number in the message", refused);
        Assert.Equal(4, (await Now())!.Value, 6);
    }

    [Fact]
    public async Task One_that_was_taken_off_is_heard_no_more_until_it_is_attached_again()
    {
        await Thermometer("""{"topic":"bench/fridge"}""");
        await Connected();
        await Say("3.5");
        Assert.Equal(3.5, await Until(Now, c => c is not null));
        var series = (await _book.Get("/api/thermometers"))[0]!["series"];
        async Task Attach(bool attached)
        {
            var change = $$"""{"attached":{{(attached ? "true" : "false")}}}""";
            Assert.Equal(200, (await _book.Put($"/api/reading-series/{series}", change)).Status);
            // it connects anew, with others to listen to
            await Task.Delay(500, TestContext.Current.CancellationToken);
            await Heard(b => b["connected"]!.GetValue<bool>());
        }
        await Attach(false);
        _book.Clock.Advance(TimeSpan.FromMinutes(1));
        await Say("9");
        await Attach(true);
        _book.Clock.Advance(TimeSpan.FromMinutes(1));
        await Say("4.5");
        Assert.Equal(4.5, await Until(Now, c => c == 4.5));
        var detail = await _book.Get("/api/places/cold-shelf/temperature");
        Assert.Equal(2, detail["series"]![0]!["count"]!.GetValue<int>());
    }

    [Fact]
    public async Task A_broker_that_is_not_there_is_told_and_one_that_comes_is_found()
    {
        await Thermometer("""{"topic":"bench/fridge"}""");
        await _book.Put("/api/broker", """{"host":"127.0.0.1","port":9}""");
        Assert.NotNull((await Heard(b => b["fault"] is not null))["fault"]);
        Assert.True((await Connected())["connected"]!.GetValue<bool>());
        await Say("3.5");
        Assert.Equal(3.5, await Until(Now, c => c is not null));
    }

    [Fact]
    public async Task A_password_is_kept_for_its_host_and_never_shown()
    {
        await _book.Put("/api/broker", """{"host":"hub.invalid","port":1883,"user":"me","password":"sesame"}""");
        var (_, shown) = await _book.Put("/api/broker", """{"host":"hub.invalid","port":1883,"user":"me"}""");
        Assert.DoesNotContain("sesame", shown.ToJsonString(), StringComparison.Ordinal);
        Assert.True(shown["hasPassword"]!.GetValue<bool>());
        Assert.False((await _book.Put("/api/broker", """{"host":"other.invalid","port":1883}""")).Body["hasPassword"]!.GetValue<bool>());
    }

    [Theory]
    [InlineData("""{"topic":"bench/#"}""", "topic")]
    [InlineData("""{"topic":"a+b"}""", "topic")]
    [InlineData("""{"topic":"a","tempPath":"$.[("}""", "tempPath")]
    public async Task A_topic_is_one_and_no_pattern(string topic, string field)
    {
        var (_, made) = await _book.Post("/api/thermometers", """{"name":"fridge","place":"cold-shelf"}""");
        var (status, problem) = await _book.Put($"/api/thermometers/{made["id"]}/topic", topic);
        Assert.Equal((400, field), (status, problem["field"]!.GetValue<string>()));
        Assert.Equal(404, (await _book.Put($"/api/thermometers/{Guid.NewGuid()}/topic", """{"topic":"a"}""")).Status);
        Assert.Equal("host", (await _book.Put("/api/broker", """{"host":"no host","port":1}""")).Body["field"]!.GetValue<string>());
    }

    [Theory]
    [InlineData(null, "4.5", false, 4.5, null)]
    [InlineData(null, " -2e0 ", false, -2.0, null)]
    [InlineData(null, "warm", false, null, "'warm' is no number")]
    [InlineData(null, "NaN", false, null, "'NaN' is no number")]
    [InlineData(null, "-300", false, null, "tempC was -300; valid is a number from -60 to 80")]
    [InlineData(null, "4.5", true, null, "kept by the broker and does not say of when it is")]
    [InlineData("t", """{"t":"4.5","at":"2027-03-15T05:00:00Z"}""", true, 4.5, null)]
    [InlineData("t", """{"t":4.5,"at":"1970-01-01T00:00:00Z"}""", false, null, "before 2001")]
    [InlineData("t", "4.5", false, null, "leads to no number")]
    [InlineData("t", "{", false, null, "is no JSON")]
    public void A_message_is_judged_as_a_reading_by_http_is(string? path, string payload, bool retained, double? tempC, string? why)
    {
        var thermometer = new KeptThermometer
        {
            Id = Guid.Empty,
            Series = 1,
            PlaceId = "cold-shelf",
            TokenHash = "",
            Attached = true,
            TempPath = path,
        };
        var (reading, refused) = MqttMessage.Read(Encoding.UTF8.GetBytes(payload), thermometer, retained, _book.Clock.GetUtcNow());
        Assert.Equal(tempC, reading?.TempC);
        Assert.Equal(why is null, refused is null);
        if (why is not null)
            Assert.Contains(why, refused, StringComparison.Ordinal);
    }
}
