using System.Collections.Concurrent;
using System.Net;
using System.Text.Json.Nodes;
using Gassel.Web.Features.Messages;
using Microsoft.Extensions.DependencyInjection;
using MimeKit;
using SmtpServer;
using SmtpServer.Protocol;
using SmtpServer.Storage;

namespace Gassel.Web.Tests;

/// <summary>E-mail from an empty book, taken by a real SMTP server in this process (SmtpServer).</summary>
public sealed class MessageTests : IAsyncLifetime
{
    private readonly RunningBook _book = new();
    private readonly Post _post = new();
    private readonly CancellationTokenSource _end = new();
    private Task _serving = Task.CompletedTask;
    private int _port;

    public async ValueTask InitializeAsync()
    {
        await _book.InitializeAsync();
        using (var free = new System.Net.Sockets.TcpListener(IPAddress.Loopback, 0))
        {
            free.Start();
            _port = ((IPEndPoint)free.LocalEndpoint).Port;
        }
        var services = new SmtpServer.ComponentModel.ServiceProvider();
        services.Add(_post);
        var server = new SmtpServer.SmtpServer(
            new SmtpServerOptionsBuilder()
                .ServerName("localhost")
                .Endpoint(e => e.Endpoint(new IPEndPoint(IPAddress.Loopback, _port)))
                .Build(),
            services
        );
        _serving = server.StartAsync(_end.Token);
    }

    public async ValueTask DisposeAsync()
    {
        await _end.CancelAsync();
        await _serving.ConfigureAwait(ConfigureAwaitOptions.SuppressThrowing);
        _end.Dispose();
        await _book.DisposeAsync();
    }

    private MessageRounds Rounds => _book.Services.GetRequiredService<MessageRounds>();

    private Task GoRound() => Rounds.GoRound(TestContext.Current.CancellationToken);

    private async Task SetUp(string wish = """{"name":"Odila","mail":"odila@example.org","alarms":true}""", int? port = null)
    {
        var (status, body) = await _book.Put(
            "/api/messages/server",
            $$"""{"host":"127.0.0.1","port":{{port ?? _port}},"security":"none","from":"gassel@example.org"}"""
        );
        Assert.True(status == 200, body.ToJsonString());
        Assert.Equal(200, (await _book.Post("/api/messages/wishes", wish)).Status);
    }

    private async Task<JsonNode> Thermometer(double tempC)
    {
        var (_, made) = await _book.Post("/api/thermometers", """{"name":"fridge","place":"cold-shelf"}""");
        await Send(made, tempC);
        return made;
    }

    /// <summary>A reading every ten minutes of the last hours, so that it is no door that was just opened.</summary>
    private async Task Send(JsonNode thermometer, double tempC)
    {
        var now = _book.Clock.GetUtcNow();
        var readings = Enumerable
            .Range(0, 24)
            .Select(i =>
                string.Create(
                    System.Globalization.CultureInfo.InvariantCulture,
                    $$"""{"tempC":{{tempC}},"at":"{{now.AddMinutes(-10 * i):O}}"}"""
                )
            );
        var (status, _) = await _book.SendReadings(
            thermometer["id"]!.GetValue<string>(),
            thermometer["token"]!.GetValue<string>(),
            $"[{string.Join(',', readings)}]"
        );
        Assert.Equal(200, status);
    }

    [Fact]
    public async Task A_fridge_out_of_bounds_is_mailed_once_again_when_worse_and_when_it_is_over()
    {
        await SetUp();
        var fridge = await Thermometer(11);
        await GoRound();
        await GoRound();
        var mail = Assert.Single(_post.Taken);
        Assert.Equal("Cold shelf: check it now", mail.Subject);
        Assert.Equal("odila@example.org", mail.To.Mailboxes.Single().Address);
        Assert.Contains("11 °C", mail.TextBody, StringComparison.Ordinal);
        Assert.Contains("/site/temperature/cold-shelf\"", mail.HtmlBody, StringComparison.Ordinal);

        _book.Clock.Advance(TimeSpan.FromHours(2));
        await Send(fridge, 14);
        await GoRound();
        Assert.Equal(2, _post.Taken.Count);
        _book.Clock.Advance(TimeSpan.FromHours(2));
        await Send(fridge, 3);
        await GoRound();
        await GoRound();
        Assert.Equal(
            ["Cold shelf: check it now", "Cold shelf: check it now", "Over: Cold shelf: check it now"],
            _post.Taken.Select(m => m.Subject)
        );
        Assert.Equal(
            ["over", "worse than before", "new"],
            (await _book.Get("/api/messages"))["sent"]!.AsArray().Select(m => m!["reason"]!.GetValue<string>())
        );
    }

    [Fact]
    public async Task The_morning_list_comes_once_a_day_at_its_hour_with_the_forecast_that_is_missing()
    {
        await SetUp("""{"name":"Odila","mail":"odila@example.org","alarms":false,"morningAt":"06:00:00"}""");
        var local = TimeZoneInfo.ConvertTime(_book.Clock.GetUtcNow(), TimeZoneInfo.Utc);
        await GoRound();
        var before = _post.Taken.Count;
        _book.Clock.Advance(TimeSpan.FromHours(24 - local.TimeOfDay.TotalHours + 7));
        await GoRound();
        await GoRound();
        Assert.Equal(before + 1, _post.Taken.Count);
        Assert.Equal("0 jobs today", _post.Taken.Last().Subject);
        Assert.Contains("No forecast: enter tonight's low.", _post.Taken.Last().TextBody, StringComparison.Ordinal);
    }

    [Fact]
    public async Task What_cannot_be_sent_is_shown_and_tried_again_later()
    {
        await SetUp(port: 1);
        await Thermometer(11);
        await GoRound();
        var waiting = Assert.Single((await _book.Get("/api/messages"))["sent"]!.AsArray())!;
        Assert.Null(waiting["sentAt"]);
        Assert.NotEmpty(waiting["fault"]!.GetValue<string>());
        await SetUpServer(_port);
        _book.Clock.Advance(TimeSpan.FromMinutes(2));
        await GoRound();
        Assert.Single(_post.Taken);
        Assert.NotNull((await _book.Get("/api/messages"))["sent"]![0]!["sentAt"]);
    }

    private async Task SetUpServer(int port) =>
        await _book.Put("/api/messages/server", $$"""{"host":"127.0.0.1","port":{{port}},"security":"none","from":"gassel@example.org"}""");

    /// <summary>TLS asked of a server that has none: shown, tried again, and the program goes on.</summary>
    [Fact]
    public async Task A_server_that_cannot_do_what_is_asked_is_shown_with_its_reason()
    {
        await SetUp();
        await _book.Put(
            "/api/messages/server",
            $$"""{"host":"127.0.0.1","port":{{_port}},"security":"startTls","from":"gassel@example.org"}"""
        );
        await Thermometer(11);
        await GoRound();
        Assert.Empty(_post.Taken);
        var waiting = Assert.Single((await _book.Get("/api/messages"))["sent"]!.AsArray())!;
        Assert.Contains("STARTTLS", waiting["fault"]!.GetValue<string>(), StringComparison.Ordinal);
    }

    [Fact]
    public async Task Somebody_removed_is_sent_nothing_more_and_a_password_is_not_carried_to_another_server()
    {
        await SetUp(port: 1);
        await Thermometer(11);
        await GoRound();
        var id = (await _book.Get("/api/messages"))["wishes"]![0]!["id"];
        Assert.Equal(200, (await _book.Send(HttpMethod.Delete, $"/api/messages/wishes/{id}")).Status);
        await _book.Post("/api/messages/wishes", """{"name":"Ines","mail":"ines@example.org","alarms":false,"morningAt":"23:59:00"}""");
        await _book.Put(
            "/api/messages/server",
            $$"""{"host":"127.0.0.1","port":{{_port}},"security":"none","from":"gassel@example.org","password":"secret words"}"""
        );
        _book.Clock.Advance(TimeSpan.FromMinutes(5));
        await GoRound();
        Assert.Empty(_post.Taken);
        var (_, moved) = await _book.Put(
            "/api/messages/server",
            $$"""{"host":"localhost","port":{{_port}},"security":"none","from":"gassel@example.org"}"""
        );
        Assert.False(moved["server"]!["hasPassword"]!.GetValue<bool>());
    }

    [Fact]
    public async Task A_test_is_sent_at_once_and_the_password_is_never_shown()
    {
        await SetUp();
        await _book.Put(
            "/api/messages/server",
            $$"""{"host":"127.0.0.1","port":{{_port}},"security":"none","from":"gassel@example.org","password":"secret words"}"""
        );
        var id = (await _book.Get("/api/messages"))["wishes"]![0]!["id"];
        Assert.Equal(200, (await _book.Post($"/api/messages/wishes/{id}/test", "{}")).Status);
        Assert.Equal("Gassel: test message", Assert.Single(_post.Taken).Subject);
        var view = (await _book.Get("/api/messages")).ToJsonString();
        Assert.Contains("\"hasPassword\":true", view, StringComparison.Ordinal);
        Assert.DoesNotContain("secret words", view, StringComparison.Ordinal);
    }

    [Theory]
    [InlineData("""{"name":"O","mail":"nobody","alarms":true}""", "mail")]
    [InlineData("""{"name":"O","mail":"o@example.org","alarms":false}""", "alarms")]
    [InlineData("""{"name":"O","mail":"o@example.org","alarms":true,"quietFrom":"22:00:00"}""", "quietTo")]
    public async Task A_wish_that_does_not_fit_is_named(string wish, string field)
    {
        var (status, problem) = await _book.Post("/api/messages/wishes", wish);
        Assert.Equal((400, field), (status, problem["field"]!.GetValue<string>()));
    }

    [Fact]
    public async Task A_password_is_not_sent_in_the_clear_to_another_machine()
    {
        var (status, problem) = await _book.Put(
            "/api/messages/server",
            """{"host":"mail.example.org","port":25,"security":"none","from":"g@example.org","user":"g","password":"p"}"""
        );
        Assert.Equal((400, "security"), (status, problem["field"]!.GetValue<string>()));
    }

    private sealed class Post : MessageStore
    {
        private readonly ConcurrentQueue<MimeMessage> _taken = new();

        public ConcurrentQueue<MimeMessage> Taken => _taken;

        public override async Task<SmtpResponse> SaveAsync(
            ISessionContext context,
            IMessageTransaction transaction,
            System.Buffers.ReadOnlySequence<byte> buffer,
            CancellationToken cancellationToken
        )
        {
            using var stream = new MemoryStream();
            foreach (var memory in buffer)
                stream.Write(memory.Span);
            stream.Position = 0;
            _taken.Enqueue(await MimeMessage.LoadAsync(stream, cancellationToken));
            return SmtpResponse.Ok;
        }
    }
}
