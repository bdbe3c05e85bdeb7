using System.Globalization;
using Gassel.Core.Climate;
using Gassel.Core.Treatments;
using Gassel.Web.Problems;

namespace Gassel.Web.Features.Calculators;

public readonly record struct ChillingDayInput
{
    public required DateOnly Date { get; init; }
    public required double MinC { get; init; }
    public required double MaxC { get; init; }

    /// <summary>True if left out.</summary>
    public bool? Moist { get; init; }
}

public readonly record struct ReadingInput
{
    public required DateTimeOffset At { get; init; }
    public required double TempC { get; init; }
}

/// <summary>Exactly one of <paramref name="Daily"/> and <paramref name="Readings"/>, each strictly increasing.</summary>
/// <param name="Response">Four knots that do not fall, °C; [0, 1, 5, 10] if left out.</param>
/// <param name="Need">Days of cold by weight; a warm spell after it is met is no interruption. All are listed if left out.</param>
public sealed record ChillingRequest(
    IReadOnlyList<ChillingDayInput>? Daily = null, IReadOnlyList<ReadingInput>? Readings = null, IReadOnlyList<double>? Response = null, double? Need = null);

/// <summary>Responses by name, each four knots in °C.</summary>
/// <param name="Usual">Of most kinds.</param>
/// <param name="ColdGerminator">Of kinds that germinate in the cold.</param>
/// <param name="Default">Of this calculator, where none is given.</param>
public sealed record ChillingStart(IReadOnlyList<double> Usual, IReadOnlyList<double> ColdGerminator, IReadOnlyList<double> Default);

internal static class ChillingCalculator
{
    public static ChillingStart Start() => new(ColdResponse.Usual.Knots, ColdResponse.ColdGerminator.Knots, ColdResponse.Default.Knots);

    private const int MaxDays = 40_000;
    private const int MaxReadings = 2_000_000;
    private const double ColdestC = -95;
    private const double HottestC = 65;

    public static IResult Answer(ChillingRequest request)
    {
        var (response, refusal) = ResponseOf(request.Response);
        refusal ??= Check(request);
        if (refusal is not null) return refusal.ToResult();
        return TypedResults.Ok(request.Readings is { } readings
            ? Chilling.FromReadings([.. readings.Select(r => new TemperatureReading(r.At.ToUnixTimeMilliseconds(), r.TempC))], response, readings[0].At.Offset, request.Need)
            : Chilling.FromDaily([.. request.Daily!.Select(d => new ChillingDay(d.Date, d.MinC, d.MaxC, d.Moist ?? true))], response, request.Need));
    }

    private static (ColdResponse Response, Refusal? Refusal) ResponseOf(IReadOnlyList<double>? knots)
    {
        if (knots is null) return (ColdResponse.Default, null);
        if (Limits.Count("response", knots.Count, 4, 4) is { } wrong) return (default, wrong);
        for (var i = 0; i < knots.Count; i++)
        {
            if (Limits.Number($"response[{i}]", knots[i], -40, 60) is { } outside) return (default, outside);
        }
        var response = new ColdResponse(knots[0], knots[1], knots[2], knots[3]);
        return (response, response.IsOrdered ? null : new("response", $"response was [{string.Join(", ", knots.Select(k => k.ToString(CultureInfo.InvariantCulture)))}]; valid are four temperatures in °C of which none is below the one before."));
    }

    private static Refusal? Check(ChillingRequest request) =>
        (request.Need is { } need ? Limits.Number("need", need, 0, 1000) : null) ?? (request switch
        {
            { Daily: null, Readings: null } => new("daily", "Neither daily nor readings is there; valid is one of them."),
            { Daily: not null, Readings: not null } => new("readings", "Both daily and readings are there; valid is one of them."),
            { Daily: { } daily } => CheckDays(daily),
            _ => CheckReadings(request.Readings!),
        });

    private static Refusal? CheckDays(IReadOnlyList<ChillingDayInput> daily)
    {
        if (Limits.Count("daily", daily.Count, 1, MaxDays) is { } wrong) return wrong;
        for (var i = 0; i < daily.Count; i++)
        {
            var (day, at) = (daily[i], $"daily[{i}]");
            var refusal = Limits.Day($"{at}.date", day.Date) ?? Limits.Number($"{at}.minC", day.MinC, ColdestC, HottestC) ?? Limits.Number($"{at}.maxC", day.MaxC, ColdestC, HottestC);
            if (refusal is not null) return refusal;
            if (day.MinC > day.MaxC) return new($"{at}.minC", string.Create(CultureInfo.InvariantCulture, $"{at}.minC was {day.MinC}, above maxC {day.MaxC}; valid is a minimum up to the maximum."));
            if (i > 0 && day.Date <= daily[i - 1].Date) return new($"{at}.date", $"{at}.date was {day.Date:yyyy-MM-dd}, not after {daily[i - 1].Date:yyyy-MM-dd}; valid are days in order, each once.");
        }
        return null;
    }

    private static Refusal? CheckReadings(IReadOnlyList<ReadingInput> readings)
    {
        if (Limits.Count("readings", readings.Count, 1, MaxReadings) is { } wrong) return wrong;
        for (var i = 0; i < readings.Count; i++)
        {
            var (at, tempC) = (readings[i].At, readings[i].TempC);
            if (tempC is not (>= ColdestC and <= HottestC)) return Limits.Number($"readings[{i}].tempC", tempC, ColdestC, HottestC);
            if (at.Year is < 1900 or > 2200) return Limits.Day($"readings[{i}].at", DateOnly.FromDateTime(at.DateTime));
            if (i > 0 && at <= readings[i - 1].At) return new($"readings[{i}].at", string.Create(CultureInfo.InvariantCulture, $"readings[{i}].at was {at:O}, not after the one before; valid are instants in order, each once."));
        }
        return null;
    }
}
