using System.Globalization;
using Gassel.Core;
using Gassel.Core.Climate;
using Gassel.Core.Treatments;
using Gassel.Web.Problems;

namespace Gassel.Web.Features.Calculators;

internal static class ChillingCalculator
{
    /// <summary>Between two knots that are not one, K.</summary>
    private const double LeastStep = 1e-6;

    public static ChillingStart Start() => new(ColdResponse.Usual.Knots, ColdResponse.ColdGerminator.Knots, ColdResponse.Default.Knots);

    public static IResult Answer(ChillingRequest request)
    {
        var (response, refusal) = ResponseOf(request.Response);
        refusal ??= Check(request);
        if (refusal is not null)
            return refusal.ToResult();
        return TypedResults.Ok(
            request.Readings is { } readings
                ? Chilling.FromReadings(
                    [.. readings.Select(r => new TemperatureReading(r.At.ToUnixTimeMilliseconds(), r.TempC))],
                    response,
                    readings[0].At.Offset,
                    request.Need
                )
                : Chilling.FromDaily(
                    [.. request.Daily!.Select(d => new ChillingDay(d.Date, d.MinC, d.MaxC, d.Moist ?? true))],
                    response,
                    request.Need
                )
        );
    }

    internal static (ColdResponse Response, Refusal? Refusal) ResponseOf(
        IReadOnlyList<double>? knots,
        string field = "response",
        ColdResponse? unsaid = null
    )
    {
        if (knots is null)
            return (unsaid ?? ColdResponse.Default, null);
        if (Limits.Count(field, knots.Count, 4, 4) is { } wrong)
            return (default, wrong);
        for (var i = 0; i < knots.Count; i++)
        {
            if (Limits.Number($"{field}[{i}]", knots[i], -40, 60) is { } outside)
                return (default, outside);
        }
        var response = new ColdResponse(knots[0], knots[1], knots[2], knots[3]);
        foreach (var (low, high) in new[] { (0, 1), (2, 3) })
        {
            if (knots[high] > knots[low] && knots[high] - knots[low] < LeastStep)
            {
                return (
                    default,
                    new(
                        $"{field}[{high}]",
                        Text.Of(
                            $"{field}[{high}] was {knots[high]:R}, nearer to {field}[{low}] than a thermometer tells; "
                                + $"valid is the same, or at least {LeastStep} above it."
                        )
                    )
                );
            }
        }
        return (
            response,
            response.IsOrdered
                ? null
                : new(
                    field,
                    $"{field} was [{string.Join(", ", knots.Select(k => k.ToString(CultureInfo.InvariantCulture)))}]; "
                        + $"valid are four temperatures in °C of which none is below the one before."
                )
        );
    }

    private static Refusal? Check(ChillingRequest request) =>
        (request.Need is { } need ? Limits.Number("need", need, 0, 1000) : null)
        ?? (
            request switch
            {
                { Daily: null, Readings: null } => new("daily", "Neither daily nor readings is there; valid is one of them."),
                { Daily: not null, Readings: not null } => new("readings", "Both daily and readings are there; valid is one of them."),
                { Daily: { } daily } => DailyCheck.Days(daily, d => (d.Date, d.MinC, d.MaxC)),
                _ => DailyCheck.Readings(request.Readings!),
            }
        );
}
