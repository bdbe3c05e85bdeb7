using Gassel.Core;
using Gassel.Core.Climate;
using Gassel.Web.Problems;

namespace Gassel.Web.Features.Calculators;

internal static class FrostCalculator
{
    private const int MaxDays = 40_000;

    public static IResult Answer(FrostRequest request)
    {
        if (Check(request) is { } refusal)
            return refusal.ToResult();
        return TypedResults.Ok(
            FrostDates.From([.. request.Daily.Select(d => new DailyMinimum(d.Date, d.MinC))], request.ThresholdC ?? 0, request.Latitude)
        );
    }

    private static Refusal? Check(FrostRequest request)
    {
        var refusal = Limits.Count("daily", request.Daily.Count, 1, MaxDays)
            ?? Limits.Number("thresholdC", request.ThresholdC ?? 0, -40, 40)
            ?? Limits.Number("latitude", request.Latitude, -90, 90);
        if (refusal is not null)
            return refusal;
        var seen = new Dictionary<DateOnly, int>(request.Daily.Count);
        for (var i = 0; i < request.Daily.Count; i++)
        {
            var day = request.Daily[i];
            refusal = Limits.Day($"daily[{i}].date", day.Date)
                ?? (day.MinC is { } min ? Limits.Number($"daily[{i}].minC", min, -95, 65) : null);
            if (refusal is not null)
                return refusal;
            if (!seen.TryAdd(day.Date, i))
            {
                return new(
                    $"daily[{i}].date",
                    Text.Of(
                        $"daily[{i}].date was {day.Date:yyyy-MM-dd}, which daily[{seen[day.Date]}] has already; each day may appear once."
                    )
                );
            }
        }
        return null;
    }
}
