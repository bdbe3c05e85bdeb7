using Gassel.Core.Climate;

namespace Gassel.Core.Yard;

/// <summary>What the weather has done inside a container, does, and will by the outlook. A model.</summary>
/// <param name="ColdMetOn">Day with enough cold; null where it never comes before the summer.</param>
/// <param name="WarmthFrom">Day on which the mean of a week passes the ceiling after midwinter; null where it does not.</param>
/// <param name="Emergence">Thermal time from the day the cold is enough, or alongside it.</param>
public sealed record ContainerTale(
    ContainerRun Run,
    IReadOnlyList<TaleDay> Days,
    SetOutNeed Need,
    DateOnly? ColdMetOn,
    DateOnly? WarmthFrom,
    EmergenceForecast? Emergence,
    IReadOnlyList<string> Working
)
{
    /// <summary>The warmth comes before the cold is enough.</summary>
    public bool IsLateForCold => ColdMetOn is null && WarmthFrom is not null;

    /// <param name="weather">From the day it was set out on, one day after the other.</param>
    /// <param name="run">Of that weather.</param>
    public static ContainerTale Of(ContainerRun run, IReadOnlyList<YardDay> weather, SetOutNeed need, bool south)
    {
        var inside = ContainerDays.Of(run, need.Response);
        var warmth = ContainerDays.Warmth(run, need.Rate);
        double cold = 0;
        DateOnly? met = null,
            warm = null;
        var sums = new double[inside.Count];
        for (var i = 0; i < inside.Count; i++)
        {
            sums[i] = cold += inside[i].Effective;
            var date = inside[i].Date;
            if (met is null && warm is null && cold >= need.ColdDays - 1e-9)
                met = date;
            var spring = south ? date.Month is >= 7 and <= 12 : date.Month <= 6;
            if (warm is null && spring && ContainerDays.WeekMeanC(inside, i) > need.CeilingC)
                warm = date;
        }
        var from = need.GerminatesInCold ? inside[0].Date : met?.AddDays(1);
        var emergence = met is null || from is null ? null : EmergenceForecast.Of(warmth, from.Value, need.Rate, need.ThermalTime);
        if (emergence is not null && met is { } chilled)
        {
            DateOnly? Not(DateOnly? day) => day is { } d && d < chilled ? chilled : day;
            emergence = emergence with { T10 = Not(emergence.T10), T50 = Not(emergence.T50), T90 = Not(emergence.T90) };
        }
        double degrees = 0;
        var days = new List<TaleDay>(inside.Count);
        for (var i = 0; i < inside.Count; i++)
        {
            if (from is { } start && inside[i].Date >= start)
                degrees += warmth[i].Degrees;
            days.Add(new(inside[i], weather[i].Source, sums[i], degrees));
        }
        return new(run, days, need, met, warm, emergence, Words(days, need, met, warm));
    }

    private static List<string> Words(List<TaleDay> days, SetOutNeed need, DateOnly? met, DateOnly? warm)
    {
        var known = days.Where(d => d.Source == YardDaySource.Recorded).ToList();
        return
        [
            "Two stores of heat, mix and air, hour by hour from the weather (uncalibrated model; parameters are our "
                + "assumption, see the Workbench).",
            Text.Of(
                $"{known.Count} days recorded, {days.Count(d => d.Source == YardDaySource.Outlook)} from the forecast, "
                    + $"then the mean of the same days over the years on record."
            ),
            Text.Of(
                $"Cold in the mix so far {(known.Count > 0 ? known[^1].Cold : 0):0.0} of {need.ColdDays:0} days by "
                    + $"weight; {known.Sum(d => d.Inside.FrozenHours):0} hours frozen, which count for nothing."
            ),
            .. need.IsOwnWarmth
                ?
                [
                    Text.Of(
                        $"Half up at {Quantity.ThermalTime(need.ThermalTime.T50)} above {Quantity.Temperature(need.Rate.BaseC)}, by "
                            + $"your own "
                            + $"sowings indoors in place of the days of the route."
                    ),
                ]
                : Array.Empty<string>(),
            met is { } enough ? $"Enough on {Quantity.Day(enough)}."
            : warm is { } w
                ? $"Not enough before the week's mean in the mix passes "
                    + $"{Quantity.Temperature(need.CeilingC)} about {Quantity.Day(w)}."
            : "Not enough by the summer.",
        ];
    }
}
