using System.Globalization;
using System.Text;
using Gassel.Core.Climate;
using Gassel.Data.Devices;

namespace Gassel.Devices;

/// <summary>
/// The weather of the invented valley, told as services tell it: by arrays, by a list of days or of hours, as CSV, in °C or °F, and
/// with the
/// faults that services have.
/// </summary>
internal static class WeatherAnswers
{
    /// <summary>Whoever asks wants so many days beyond today; the demo's clock is not ours.</summary>
    private const int DaysAhead = 9;

    private static readonly TimeSpan Slow = TimeSpan.FromSeconds(30);

    /// <param name="shape"><c>arrays</c>, <c>days</c>, <c>hours</c> or <c>csv</c>.</param>
    /// <param name="unit"><c>c</c>, or <c>f</c> with inches and miles an hour.</param>
    /// <param name="fault">Null, or <c>broken</c>, <c>slow</c>, <c>error</c>, <c>half</c>, <c>page</c>, <c>long</c>, <c>away</c>.</param>
    public static async Task<IResult> Tell(
        DateOnly from,
        DateOnly to,
        CancellationToken cancel,
        string shape = "arrays",
        string unit = "c",
        string? fault = null
    )
    {
        switch (fault)
        {
            case "slow":
                await Task.Delay(Slow, cancel);
                break;
            case "error":
                return Results.StatusCode(500);
            case "page":
                return Results.Content("<!doctype html><title>Sign in</title>", "text/html");
            case "long":
                return Results.Text(new string(' ', 2_000_000));
            case "away":
                return Results.Redirect("http://example.invalid/");
        }
        var days = SimulatedWeather.Days(from, to.AddDays(-DaysAhead));
        var text = shape switch
        {
            "days" => Days(days, unit == "f"),
            "hours" => Hours(days, fault == "half"),
            "csv" => Csv(days),
            _ => Arrays(days, unit == "f", fault == "half"),
        };
        return fault == "broken"
            ? Results.Text(text[..(text.Length / 2)], "application/json")
            : Results.Text(text, shape == "csv" ? "text/csv" : "application/json");
    }

    private static double Rain(ServiceDay day) => day.Wet == true ? 2 + (Math.Abs(day.MaxC) % 5) : 0;

    private static string N(double value) => Math.Round(value, 2).ToString(CultureInfo.InvariantCulture);

    private static string D(DateOnly day) => day.ToString("yyyy-MM-dd", CultureInfo.InvariantCulture);

    private static double F(double c) => (c * 1.8) + 32;

    private static string Arrays(IReadOnlyList<ServiceDay> days, bool fahrenheit, bool half)
    {
        string All(Func<ServiceDay, string> one) => string.Join(',', days.Select(one));
        // half of the last day is missing: its high is not there yet
        string High(ServiceDay d) => half && d.Date == days[^1].Date ? "null" : N(fahrenheit ? F(d.MaxC) : d.MaxC);
        return $$"""
            {"where":"Skarve Bench, made up","ahead":{"date":[{{All(d => $"\"{D(d.Date)}\"")}}],
            "low":[{{All(d => N(fahrenheit ? F(d.MinC) : d.MinC))}}],"high":[{{All(High)}}],
            "gust":[{{All(d => N(fahrenheit ? (d.GustKmh ?? 0) / 1.609344 : d.GustKmh ?? 0))}}],
            "rain":[{{All(d => N(fahrenheit ? Rain(d) / 25.4 : Rain(d)))}}],"snow":[{{All(d =>
                N(fahrenheit ? d.SnowCm / 2.54 : d.SnowCm)
            )}}] } }
            """;
    }

    private static string Days(IReadOnlyList<ServiceDay> days, bool fahrenheit)
    {
        double T(double c) => fahrenheit ? F(c) : c;
        var told = days.Select(d =>
            $"{{\"day\":\"{D(d.Date)}T00:00:00-07:00\",\"air\":{{\"min\":{N(T(d.MinC))},\"max\":{N(T(d.MaxC))}}},"
            + $"\"wind\":{{\"gust\":{N(d.GustKmh ?? 0)}}},\"rain\":{N(Rain(d))}}}"
        );
        return $$"""{"made":"up","days":[{{string.Join(',', told)}}]}""";
    }

    /// <summary>
    /// Every hour between the low before dawn and the high in the afternoon; of the third day half is missing where asked so.
    /// </summary>
    private static string Hours(IReadOnlyList<ServiceDay> days, bool half)
    {
        var told = new List<string>();
        for (var i = 0; i < days.Count; i++)
        {
            for (var hour = 0; hour < (half && i == 2 ? 12 : 24); hour++)
            {
                var (low, high) = (days[i].MinC, days[i].MaxC);
                var temp = low + ((high - low) * (1 - Math.Cos(2 * Math.PI * (hour - 4) / 24)) / 2);
                told.Add($$"""{"at":"{{D(days[i].Date)}}T{{hour:00}}:00","temp":{{N(temp)}}}""");
            }
        }
        return $$"""{"hours":[{{string.Join(',', told)}}]}""";
    }

    private static string Csv(IReadOnlyList<ServiceDay> days)
    {
        var text = new StringBuilder("date;low;high;gust;rain\n");
        foreach (var d in days)
            text.Append(CultureInfo.InvariantCulture, $"{D(d.Date)};{N(d.MinC)};{N(d.MaxC)};{N(d.GustKmh ?? 0)};{N(Rain(d))}\n");
        return text.ToString();
    }
}
