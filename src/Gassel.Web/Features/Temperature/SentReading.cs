using System.Globalization;
using System.Text.Json;
using Gassel.Core.Climate;
using Gassel.Data.Readings;

namespace Gassel.Web.Features.Temperature;

/// <summary>Reads what a thermometer sends: one reading or an array, each judged by itself.</summary>
internal static class SentReading
{
    /// <summary>Readings in one request.</summary>
    public const int Most = 10_000;

    /// <summary>A clock may go ahead by so much.</summary>
    private static readonly TimeSpan ClockAhead = TimeSpan.FromMinutes(5);

    /// <summary>Clocks that were never set begin in 1970 or 2000.</summary>
    private static readonly DateTimeOffset Earliest = new(2001, 1, 1, 0, 0, 0, TimeSpan.Zero);

    /// <returns>Good readings and humidities, and what was refused.</returns>
    public static (List<TemperatureReading> Good, List<HumidityReading> Humidity, List<ReadingRefused> Refused) Read(
        JsonElement body,
        DateTimeOffset now
    )
    {
        var (good, humidity, refused) = (new List<TemperatureReading>(), new List<HumidityReading>(), new List<ReadingRefused>());
        var items = body.ValueKind == JsonValueKind.Array ? [.. body.EnumerateArray()] : new[] { body };
        for (var i = 0; i < items.Length; i++)
        {
            var (reading, percent, why) = One(items[i], now);
            if (reading is not { } r)
            {
                refused.Add(new(i, why!));
                continue;
            }
            good.Add(r);
            if (percent is { } p)
                humidity.Add(new(r.UnixMs, p));
        }
        return (good, humidity, refused);
    }

    private static (TemperatureReading? Reading, double? Percent, string? Why) One(JsonElement item, DateTimeOffset now)
    {
        if (item.ValueKind != JsonValueKind.Object)
            return Refuse("a reading is an object with tempC or tempF");
        var (c, wrongC) = Number(item, "tempC");
        var (f, wrongF) = Number(item, "tempF");
        var (percent, wrongPercent) = Number(item, "humidityPercent");
        if ((wrongC ?? wrongF ?? wrongPercent) is { } wrong)
            return Refuse(wrong);
        if (c is null == f is null)
            return Refuse("exactly one of tempC and tempF is needed");
        var tempC = c ?? ((f!.Value - 32) / 1.8);
        if (!(tempC >= LoggerRows.ColdestC && tempC <= LoggerRows.HottestC))
        {
            var (name, low, high) = c is not null
                ? ("tempC", LoggerRows.ColdestC, LoggerRows.HottestC)
                : ("tempF", (LoggerRows.ColdestC * 1.8) + 32, (LoggerRows.HottestC * 1.8) + 32);
            return Refuse(string.Create(CultureInfo.InvariantCulture, $"{name} was {c ?? f}; valid is a number from {low} to {high}"));
        }
        if (percent is { } p && !(p >= 0 && p <= 100))
            return Refuse(string.Create(CultureInfo.InvariantCulture, $"humidityPercent was {p}; valid is a number from 0 to 100"));
        var (at, wrongAt) = Moment(item, now);
        return wrongAt is null ? (new(at.ToUnixTimeMilliseconds(), tempC), percent, null) : Refuse(wrongAt);

        static (TemperatureReading?, double?, string?) Refuse(string why) => (null, null, why);
    }

    private static (double? Value, string? Wrong) Number(JsonElement item, string name) =>
        !item.TryGetProperty(name, out var value) || value.ValueKind == JsonValueKind.Null ? (null, null)
        : value.ValueKind == JsonValueKind.Number && value.TryGetDouble(out var number) && double.IsFinite(number) ? (number, null)
        : (null, $"{name} must be a number, not in quotes");

    private static (DateTimeOffset At, string? Wrong) Moment(JsonElement item, DateTimeOffset now)
    {
        if (!item.TryGetProperty("at", out var said) || said.ValueKind == JsonValueKind.Null)
            return (now, null);
        if (said.ValueKind != JsonValueKind.String || !said.TryGetDateTimeOffset(out var at) || !HasOffset(said.GetString()!))
            return (now, "at must be an instant as in RFC 3339, for instance 2027-03-14T09:00:00Z, or left out for now");
        if (at > now + ClockAhead)
            return (now, $"at is more than {ClockAhead.TotalMinutes:0} minutes ahead; set the clock of the thermometer");
        return at < Earliest ? (now, "at lies before 2001; set the clock of the thermometer") : (at, null);
    }

    private static bool HasOffset(string text) =>
        text.EndsWith('Z') || text.EndsWith('z') || (text.Length > 6 && text[^3] == ':' && text[^6] is '+' or '-');
}
