using System.Collections.Concurrent;
using System.Net;
using System.Security.Cryptography;
using System.Text;
using System.Text.Json.Nodes;
using Gassel.Web.Features.Messages;
using Microsoft.AspNetCore.Builder;
using Microsoft.AspNetCore.Hosting;
using Microsoft.AspNetCore.Http;
using Microsoft.Extensions.DependencyInjection;
using Microsoft.Extensions.Logging;

namespace Gassel.Web.Tests;

/// <summary>Messages told over HTTP, taken by a receiver in this process.</summary>
public sealed class HookTests : IAsyncLifetime
{
    private const string Secret = "a secret of some length";
    private readonly RunningBook _book = new();
    private readonly ConcurrentQueue<(IReadOnlyDictionary<string, string> Headers, string Body)> _told = new();
    private int _answer = 200;
    private WebApplication _receiver = null!;

    public async ValueTask InitializeAsync()
    {
        await _book.InitializeAsync();
        var builder = WebApplication.CreateSlimBuilder();
        builder.WebHost.ConfigureKestrel(k => k.Listen(IPAddress.Loopback, 0));
        builder.Logging.ClearProviders();
        _receiver = builder.Build();
        _receiver.MapPost("/hook", async (HttpContext context) =>
        {
            using var reader = new StreamReader(context.Request.Body);
            _told.Enqueue(
                (
                    context.Request.Headers.ToDictionary(h => h.Key.ToLowerInvariant(), h => h.Value.ToString()),
                    await reader.ReadToEndAsync()
                )
            );
            context.Response.StatusCode = _answer;
        });
        await _receiver.StartAsync();
    }

    public async ValueTask DisposeAsync()
    {
        await _book.DisposeAsync();
        await _receiver.DisposeAsync();
    }

    private Task GoRound() => _book.Services.GetRequiredService<MessageRounds>().GoRound(TestContext.Current.CancellationToken);

    private string Wish(string more = "") =>
        $$$"""
            {"name":"Hub","mail":"","alarms":true,
             "hook":{"address":"{{{_receiver.Urls.First()}}}/hook","secret":"{{{Secret}}}","allowPrivate":true{{{more}}}}}
            """;

    private async Task Fridge(double tempC)
    {
        var (_, made) = await _book.Post("/api/thermometers", """{"name":"fridge","place":"cold-shelf"}""");
        for (var i = 24; i >= 0; i--)
        {
            var at = _book.Clock.GetUtcNow().AddMinutes(-10 * i);
            var json = string.Create(System.Globalization.CultureInfo.InvariantCulture, $$"""{"tempC":{{tempC}},"at":"{{at:O}}"}""");
            await _book.SendReadings(made["id"]!.GetValue<string>(), made["token"]!.GetValue<string>(), json);
        }
    }

    [Fact]
    public async Task An_alarm_is_told_once_as_json_with_a_signature_that_fits()
    {
        Assert.Equal(200, (await _book.Post("/api/messages/wishes", Wish())).Status);
        await Fridge(11);
        await GoRound();
        await GoRound();
        var (headers, body) = Assert.Single(_told);
        var told = JsonNode.Parse(body)!;
        Assert.Equal("alarm.place", told["type"]!.GetValue<string>());
        Assert.Equal("Cold shelf: check it now", told["data"]!["subject"]!.GetValue<string>());
        Assert.EndsWith("/site/temperature/cold-shelf", told["data"]!["link"]!.GetValue<string>(), StringComparison.Ordinal);
        // as Standard Webhooks 1.0.0 describes it: HMAC-SHA256 over "id.timestamp.body", in Base64, after "v1,"
        var signed = $"{headers["webhook-id"]}.{headers["webhook-timestamp"]}.{body}";
        using var hmac = new HMACSHA256(Encoding.UTF8.GetBytes(Secret));
        Assert.Equal($"v1,{Convert.ToBase64String(hmac.ComputeHash(Encoding.UTF8.GetBytes(signed)))}", headers["webhook-signature"]);
        Assert.DoesNotContain(Secret, (await _book.Get("/api/messages")).ToJsonString(), StringComparison.Ordinal);
    }

    /// <summary>
    /// RFC 4231, test case 2, of the same function: key "Jefe", data "what do ya want for nothing?"; the points part id, moment and
    /// body.
    /// </summary>
    [Fact]
    public void The_signature_is_an_hmac_of_the_whole()
    {
        var mac = Convert.FromHexString("5bdcc146bf60754e6a042426089575c75a003f089d2739839dec58b964ec3843");
        Assert.Equal(mac, HMACSHA256.HashData("Jefe"u8, "what do ya want for nothing?"u8));
        Assert.Equal(
            Convert.ToBase64String(HMACSHA256.HashData("Jefe"u8, "msg_1.1700000000.{}"u8)),
            Hook.Sign("Jefe", "msg_1", "1700000000", "{}")
        );
    }

    [Fact]
    public async Task Plain_text_is_told_where_wished_and_a_test_comes_at_once()
    {
        var (_, view) = await _book.Post("/api/messages/wishes", Wish(",\"plain\":true"));
        await _book.Post($"/api/messages/wishes/{view["wishes"]![0]!["id"]}/test", "{}");
        var (headers, body) = Assert.Single(_told);
        Assert.StartsWith("text/plain", headers["content-type"], StringComparison.Ordinal);
        Assert.StartsWith("This is a test.", body, StringComparison.Ordinal);
    }

    [Fact]
    public async Task What_was_not_taken_is_shown_and_sent_again()
    {
        _answer = 503;
        await _book.Post("/api/messages/wishes", Wish());
        await Fridge(11);
        await GoRound();
        var sent = (await _book.Get("/api/messages"))["sent"]![0]!;
        Assert.Contains("503", sent["fault"]!.GetValue<string>(), StringComparison.Ordinal);
        _answer = 200;
        _book.Clock.Advance(TimeSpan.FromMinutes(2));
        await GoRound();
        Assert.Equal(2, _told.Count);
        Assert.NotNull((await _book.Get("/api/messages"))["sent"]!.AsArray().Last()!["sentAt"]);
    }

    [Theory]
    [InlineData("\"address\":\"ftp://x.example\"", "hook.address")]
    [InlineData("\"secret\":\"short\"", "hook.secret")]
    public async Task What_cannot_be_told_is_refused_by_its_field(string wrong, string field)
    {
        var wish = JsonNode.Parse(Wish())!;
        foreach (var (name, value) in JsonNode.Parse($"{{{wrong}}}")!.AsObject())
            wish["hook"]![name] = value!.DeepClone();
        var (status, problem) = await _book.Post("/api/messages/wishes", wish.ToJsonString());
        Assert.Equal((400, field), (status, problem["field"]!.GetValue<string>()));
    }
}
