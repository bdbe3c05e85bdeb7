using Gassel.Core;
using Gassel.Core.Messages;
using Gassel.Data;
using Gassel.Data.Rows;
using Gassel.Web.Door;
using Gassel.Web.Features.Weather;
using Gassel.Web.Runtime;

namespace Gassel.Web.Features.Messages;

/// <summary>Once a minute: what is the matter, who wants to be told of it, and whatever still waits to be sent.</summary>
internal sealed partial class MessageRounds(
    MessageBook book,
    AlarmsNow alarms,
    MorningList morning,
    YardWeather weather,
    ForecastBook forecasts,
    NetworkDoor door,
    Launch launch,
    SiteClock clock,
    TimeProvider real,
    ILogger<MessageRounds> log
) : BackgroundService
{
    public static readonly TimeSpan Every = TimeSpan.FromMinutes(1);

    private static readonly TimeSpan Look = TimeSpan.FromSeconds(5);

    /// <summary>Tries before a message is given up: the last some ten hours after the first.</summary>
    public const int MostTries = 10;

    private static readonly TimeSpan ToldBefore = TimeSpan.FromDays(7);

    /// <summary>One round at a time: what is being sent is not sent by another as well.</summary>
    private readonly SemaphoreSlim _turn = new(1, 1);

    /// <summary>Goes round once.</summary>
    public async Task GoRound(CancellationToken cancel)
    {
        await _turn.WaitAsync(cancel);
        try
        {
            await Round(cancel);
        }
        finally
        {
            _turn.Release();
        }
    }

    public override void Dispose()
    {
        _turn.Dispose();
        base.Dispose();
    }

    private async Task Round(CancellationToken cancel)
    {
        var wishes = await book.Wishes();
        var server = await book.Server();
        // without a mail server only hooks can be told
        wishes = [.. wishes.Where(w => w.Hook is not null || server is not null)];
        if (wishes.Count == 0)
            return;
        var now = TimeZoneInfo.ConvertTime(clock.GetUtcNow(), clock.LocalTimeZone);
        var present = await alarms.All(cancel);
        foreach (var wish in wishes)
        {
            var made = await Made(wish, present, now, cancel);
            if (made.Count > 0)
                await book.Add(made);
        }
        await SendWaiting(server, wishes, now, cancel);
    }

    private async Task<List<SentMessageRow>> Made(
        MessageWishRow wish,
        IReadOnlyList<Alarm> present,
        DateTimeOffset now,
        CancellationToken cancel
    )
    {
        var before = await book.Of(wish.Id, now - ToldBefore);
        var made = new List<SentMessageRow>();
        if (wish.Alarms)
        {
            var told = before
                .Where(m => Enum.TryParse<AlarmKind>(m.Kind, out _))
                .Select(m => new SentAlarm(
                    m.Key,
                    Enum.Parse<AlarmKind>(m.Kind),
                    m.BadnessK,
                    m.Subject,
                    DateTimeOffset.FromUnixTimeMilliseconds(m.MadeAt),
                    m.IsOver,
                    m.About?.Split(' ')
                ))
                .ToList();
            QuietHours? quiet = wish is { QuietFrom: { } from, QuietTo: { } to } ? new(from, to) : null;
            var forecast = (await weather.Forecast(cancel)).Words;
            made.AddRange(AlarmRules.ToSend(present, told, now, quiet).Select(a => Of(wish, a, forecast, now)));
        }
        var key = Text.Of($"morning:{now:yyyy-MM-dd}");
        if (wish.MorningAt is { } at && TimeOnly.FromTimeSpan(now.TimeOfDay) >= at && before.All(m => m.Key != key))
        {
            var (subject, text) = await morning.Of(present, cancel);
            made.Add(Row(wish, key, "", 0, false, $"daily at {at:HH\\:mm}", subject, $"{text}\n{Link("/")}", now));
        }
        return made;
    }

    /// <param name="forecast">What is known of the nights to come, said with a freeze or heat that is over: it clears no other.</param>
    private SentMessageRow Of(MessageWishRow wish, AlarmToSend due, string forecast, DateTimeOffset now)
    {
        var (alarm, isOver) = (due.Alarm, due.Reason == AlarmReason.Over);
        var title = isOver && !alarm.Title.StartsWith("Over: ", StringComparison.Ordinal) ? $"Over: {alarm.Title}" : alarm.Title;
        var row = Row(
            wish,
            alarm.Key,
            alarm.Kind.ToString(),
            alarm.BadnessK,
            isOver,
            due.Reason.Words(),
            Said(title),
            Said($"{title}\n{(isOver && alarm.Kind is AlarmKind.Freeze or AlarmKind.Heat ? forecast : alarm.Text)}\n{Link(alarm.Path)}"),
            now
        );
        row.About = alarm.About is { } about ? string.Join(' ', about) : null;
        return row;
    }

    /// <summary>A message that only shows that messages arrive.</summary>
    public async Task Test(MessageWishRow wish, CancellationToken cancel)
    {
        var now = clock.GetUtcNow();
        var text = $"This is a test. Alarms and morning lists of {clock.Site?.Name ?? "Gassel"} come to this address.\n{Link("/")}";
        await book.Add([Row(wish, Text.Of($"test:{now:O}"), "", 0, false, "test", "Gassel: test message", text, now)]);
        await _turn.WaitAsync(cancel);
        try
        {
            await SendWaiting(await book.Server(), [wish], now, cancel);
        }
        finally
        {
            _turn.Release();
        }
    }

    private static SentMessageRow Row(
        MessageWishRow wish,
        string key,
        string kind,
        double badness,
        bool isOver,
        string reason,
        string subject,
        string text,
        DateTimeOffset now
    ) =>
        new()
        {
            WishId = wish.Id,
            Mail = wish.Hook ?? wish.Mail,
            Key = key,
            Kind = kind,
            BadnessK = badness,
            IsOver = isOver,
            Reason = reason,
            Subject = subject,
            Text = text,
            MadeAt = now.ToUnixTimeMilliseconds(),
            NextTryAt = now.ToUnixTimeMilliseconds(),
        };

    private string Said(string words) => Speaker.HasValues(words) ? clock.Speaker.Say(words) : words;

    private string Link(string path) =>
        (door.Addresses is [var first, ..] ? first : Text.Of($"http://localhost:{launch.Port}")).TrimEnd('/') + path;

    private async Task SendWaiting(
        MailServerRow? server,
        IReadOnlyList<MessageWishRow> wishes,
        DateTimeOffset now,
        CancellationToken cancel
    )
    {
        var of = wishes.ToDictionary(w => w.Id);
        foreach (var message in await book.Waiting(now, MostTries))
        {
            if (!of.TryGetValue(message.WishId, out var wish))
                continue;
            string? fault = null;
            try
            {
                if (wish.Hook is not null)
                    await Hook.Send(wish, message, real.GetUtcNow(), cancel);
                else if (server is not null)
                    await Mail.Send(server, message.Mail, message.Subject, message.Text, cancel);
                else
                    continue;
            }
            // whatever a server does, it is shown and tried again, and takes no other message with it
            catch (Exception failed) when (!cancel.IsCancellationRequested)
            {
                fault = failed.Message;
                NotSent(log, message.Mail, fault);
            }
            // later each time: 1, 2, 4 … minutes
            var next = now.AddMinutes(Math.Pow(2, message.Tries)).ToUnixTimeMilliseconds();
            await book.Tried(message.Id, fault is null ? now.ToUnixTimeMilliseconds() : null, fault, next);
        }
    }

    protected override async Task ExecuteAsync(CancellationToken stoppingToken)
    {
        if (Launch.IsDescribing)
            return;
        while (true)
        {
            await NextRound(stoppingToken);
            try
            {
                await GoRound(stoppingToken);
            }
            catch (Exception failed) when (!stoppingToken.IsCancellationRequested)
            {
                // neither a full disk nor a batch that cannot be computed stops the program; the next round tries again
                NotMade(log, failed.Message);
            }
        }
    }

    /// <summary>A minute, or as soon as something new is foretold: a freeze is told while there is time.</summary>
    private async Task NextRound(CancellationToken cancel)
    {
        var (until, words) = (real.GetUtcNow() + Every, forecasts.Version);
        while (real.GetUtcNow() < until && forecasts.Version == words)
            await Task.Delay(Look, real, cancel);
    }

    [LoggerMessage(LogLevel.Warning, "a message to {Mail} was not sent: {Why}")]
    private static partial void NotSent(ILogger log, string mail, string why);

    [LoggerMessage(LogLevel.Warning, "messages could not be made: {Why}")]
    private static partial void NotMade(ILogger log, string why);
}
