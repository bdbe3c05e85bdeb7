using System.Buffers;
using Gassel.Data.Readings;
using Gassel.Data.Rows;
using Gassel.Web.Runtime;
using MQTTnet;
using MQTTnet.Exceptions;

namespace Gassel.Web.Features.Temperature;

/// <summary>Hears the thermometers that send through an MQTT broker; where the connection is lost it is made again.</summary>
internal sealed partial class MqttEar(ThermometerBook book, ReadingIntake intake, SiteClock clock, TimeProvider real, ILogger<MqttEar> log)
    : BackgroundService
{
    private static readonly TimeSpan Again = TimeSpan.FromSeconds(5);

    /// <summary>A broker that is gone is looked for so seldom at most.</summary>
    private static readonly TimeSpan Seldom = TimeSpan.FromMinutes(2);

    private volatile CancellationTokenSource _changed = new();
    private volatile Heard _heard = new(false, null, null, null);

    /// <summary>How the connection does.</summary>
    public sealed record Heard(bool Connected, string? Fault, DateTimeOffset? LastMessageAt, string? LastRefused);

    public Heard Now => _heard;

    /// <summary>Broker, topics or who may send are others now.</summary>
    public void Look()
    {
        var old = Interlocked.Exchange(ref _changed, new());
        old.Cancel();
    }

    protected override async Task ExecuteAsync(CancellationToken stoppingToken)
    {
        if (Launch.IsDescribing)
            return;
        var pause = Again;
        while (!stoppingToken.IsCancellationRequested)
        {
            var changed = _changed;
            using var until = CancellationTokenSource.CreateLinkedTokenSource(stoppingToken, changed.Token);
            var (begun, isWanted) = (real.GetUtcNow(), true);
            try
            {
                if (await book.Broker() is { } broker)
                    await Listen(broker, until.Token);
                else
                    (_heard, isWanted) = (new(false, null, null, null), false);
            }
            catch (Exception failed) when (!until.IsCancellationRequested)
            {
                // whatever a broker does, it is shown and tried again
                _heard = _heard with { Connected = false, Fault = failed.Message };
                NotHeard(log, failed.Message);
            }
            catch (Exception)
            {
                // broken off, in whatever words, because something else is wanted now
                _heard = _heard with { Connected = false };
                continue;
            }
            pause = real.GetUtcNow() - begun > Seldom ? Again : TimeSpan.FromTicks(Math.Min(pause.Ticks * 2, Seldom.Ticks));
            await Task.Delay(isWanted ? pause : Timeout.InfiniteTimeSpan, real, until.Token)
                .ConfigureAwait(ConfigureAwaitOptions.SuppressThrowing);
        }
    }

    /// <summary>Connects, subscribes and stays until the connection ends.</summary>
    private async Task Listen(BrokerRow broker, CancellationToken cancel)
    {
        var thermometers = (await book.All()).Where(t => t is { Attached: true, Topic: not null }).ToLookup(t => t.Topic!);
        var options = new MqttClientOptionsBuilder()
            .WithTcpServer(broker.Host, broker.Port)
            .WithTlsOptions(tls => tls.UseTls(broker.Tls))
            .WithCleanSession()
            .WithTimeout(TimeSpan.FromSeconds(10));
        if (broker.User is { Length: > 0 } user)
            options.WithCredentials(user, broker.Password ?? "");
        using var client = new MqttClientFactory().CreateMqttClient();
        var ended = new TaskCompletionSource<string>(TaskCreationOptions.RunContinuationsAsynchronously);
        client.DisconnectedAsync += told =>
        {
            ended.TrySetResult(told.Exception?.Message ?? $"the broker ended the connection: {told.Reason}");
            return Task.CompletedTask;
        };
        client.ApplicationMessageReceivedAsync += message => Take(thermometers[message.ApplicationMessage.Topic], message, cancel);
        var answer = await client.ConnectAsync(options.Build(), cancel);
        if (answer.ResultCode != MqttClientConnectResultCode.Success)
            throw new MqttCommunicationException($"the broker answered {answer.ResultCode}");
        foreach (var topic in thermometers)
            await client.SubscribeAsync(topic.Key, cancellationToken: cancel);
        _heard = _heard with { Connected = true, Fault = null };
        var why = await ended.Task.WaitAsync(cancel);
        throw new MqttCommunicationException(why);
    }

    private async Task Take(
        IEnumerable<KeptThermometer> thermometers,
        MqttApplicationMessageReceivedEventArgs message,
        CancellationToken cancel
    )
    {
        foreach (var thermometer in thermometers)
        {
            var now = clock.GetUtcNow();
            var (reading, refused) = MqttMessage.Read(
                message.ApplicationMessage.Payload.ToArray(),
                thermometer,
                message.ApplicationMessage.Retain,
                now
            );
            try
            {
                if (reading is { } good)
                    await intake.Keep(new(thermometer.Series, thermometer.PlaceId, [good], []), cancel);
            }
            catch (Exception failed) when (!cancel.IsCancellationRequested)
            {
                // a full disk takes the reading, and not the connection with it
                refused = failed.Message;
            }
            _heard = refused is null
                ? _heard with
                {
                    LastMessageAt = now,
                }
                : _heard with
                {
                    LastRefused = $"{thermometer.Topic}: {refused}",
                };
        }
    }

    public override void Dispose()
    {
        _changed.Dispose();
        base.Dispose();
    }

    [LoggerMessage(LogLevel.Warning, "the MQTT broker is not heard: {Why}")]
    private static partial void NotHeard(ILogger log, string why);
}
