namespace Gassel.Core.Climate;

/// <summary>When seed comes up by the warmth of its medium. A model: it knows neither light nor water.</summary>
/// <param name="T10">Day with which the sum passes the thermal time of the first tenth; null where it does not.</param>
/// <param name="SumDegreeDays">By the last day.</param>
/// <param name="ThermoinhibitedDays">Time above the ceiling, in days.</param>
public sealed record EmergenceForecast(
    DateOnly? T10,
    DateOnly? T50,
    DateOnly? T90,
    ThermalTime ThermalTime,
    double SumDegreeDays,
    double ThermoinhibitedDays,
    IReadOnlyList<ThermalDay> Daily,
    IReadOnlyList<string> Working
)
{
    /// <summary>Times without temperatures; nothing was added in them.</summary>
    public IReadOnlyList<EmergenceGap> Gaps { get; init; } = [];

    /// <summary>A sum of many days comes within a hair of a whole number.</summary>
    private const double Hair = 1e-9;

    /// <param name="days">In order; those before <paramref name="from"/> are left out.</param>
    public static EmergenceForecast Of(
        IReadOnlyList<ThermalDay> days,
        DateOnly from,
        ThermalRate rate,
        ThermalTime need,
        IReadOnlyList<EmergenceGap>? gaps = null
    )
    {
        var counted = days.Where(d => d.Date >= from).ToList();
        var working = new List<string>
        {
            Text.Of(
                $"Thermal time above {Quantity.Temperature(rate.BaseC)} from {Quantity.Day(from)} "
                    + $"on{(rate.OptimumC is { } o ? $", no faster above {Quantity.Temperature(o)}"
                        : "")}"
                    + $"{(rate.CeilingC is { } c ? $", nothing at {Quantity.Temperature(c)} and above" : "")} "
                    + $"(Garcia-Huidobro, Monteith & Squire 1982)."
            ),
            Text.Of(
                $"A tenth is up at {Quantity.ThermalTime(need.T10)}, half at {Quantity.ThermalTime(need.T50)}, "
                    + $"nine tenths at {Quantity.ThermalTime(need.T90)}."
            ),
            Text.Of(
                $"{counted.Count} days bring {Quantity.ThermalTime(counted.Sum(d => d.Degrees))}. The temperatures must be those of "
                    + $"the medium; light and water are taken to be right."
            ),
        };
        return new(
            Passes(counted, need.T10),
            Passes(counted, need.T50),
            Passes(counted, need.T90),
            need,
            counted.Sum(d => d.Degrees),
            counted.Sum(d => d.AboveCeiling),
            counted,
            [
                .. working,
                .. gaps is { Count: > 0 }
                    ?
                    [
                        Text.Of(
                            $"Temperatures are missing for {gaps.Sum(g => g.Hours) / 24:0.#} days in {gaps.Count} "
                                + $"{(gaps.Count == 1 ? "gap" : "gaps")}: nothing was added in them, so it may come up earlier."
                        ),
                    ]
                    : Array.Empty<string>(),
            ]
        )
        {
            Gaps = gaps ?? [],
        };
    }

    /// <summary>One sine a day.</summary>
    public static ThermalDay Day(DateOnly date, double minC, double maxC, ThermalRate rate) =>
        new(
            date,
            rate.MeanOfDay(minC, maxC),
            rate.CeilingC is { } ceiling ? SingleSineDay.MeanOf(minC, maxC, [(ceiling, 0), (ceiling, 1)]) : 0
        );

    /// <summary>Straight lines between readings; a gap of more than six hours is left out whole.</summary>
    /// <param name="readings">In order of time.</param>
    public static IReadOnlyList<ThermalDay> Days(IReadOnlyList<TemperatureReading> readings, ThermalRate rate, DayBounds bounds)
    {
        var days = new SortedDictionary<DateOnly, (double Degrees, double Above)>();
        for (var i = 1; i < readings.Count; i++)
        {
            var (a, b) = (readings[i - 1], readings[i]);
            if ((b.UnixMs - a.UnixMs) / 3_600_000.0 > ReadingDays.LongestGapHours)
                continue;
            for (var (t, c) = (a.UnixMs, a.TempC); t < b.UnixMs; )
            {
                var date = bounds.DayOf(t);
                var until = Math.Min(b.UnixMs, bounds.StartOf(date.AddDays(1)));
                var end = a.TempC + ((b.TempC - a.TempC) * (until - a.UnixMs) / (b.UnixMs - a.UnixMs));
                var share = (until - t) / 86_400_000.0;
                var sum = days.GetValueOrDefault(date);
                days[date] = (sum.Degrees + (share * rate.MeanBetween(c, end)), sum.Above + (share * Above(c, end, rate.CeilingC)));
                (t, c) = (until, end);
            }
        }
        return [.. days.Select(d => new ThermalDay(d.Key, d.Value.Degrees, d.Value.Above))];
    }

    /// <summary>Share of a straight way from one temperature to the other that lies above the ceiling.</summary>
    private static double Above(double fromC, double toC, double? ceilingC)
    {
        if (ceilingC is not { } ceiling)
            return 0;
        var (low, high) = fromC < toC ? (fromC, toC) : (toC, fromC);
        return high - low < 1e-9 ? (low > ceiling ? 1 : 0) : Math.Clamp((high - ceiling) / (high - low), 0, 1);
    }

    private static DateOnly? Passes(List<ThermalDay> days, double need)
    {
        double sum = 0;
        foreach (var day in days)
        {
            sum += day.Degrees;
            if (sum >= need - Hair)
                return day.Date;
        }
        return null;
    }
}
