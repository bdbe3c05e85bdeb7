using Gassel.Core.Climate;

namespace Gassel.Core.Yard;

/// <summary>The inside of one container through the winters of a record: simulated once, asked by every species.</summary>
public sealed class WinterRuns
{
    private const double LeastShare = 0.9;

    /// <summary>Fewer winters are told as counts; "in ten" would be a guess.</summary>
    private const int WintersForShares = 10;

    /// <summary>Percentiles of fewer springs say nothing.</summary>
    private const int SpringsForQuantiles = 5;

    /// <summary>A killing freeze after emergence in one winter of five (our assumption).</summary>
    public const double AcceptFreeze = 0.2;

    private readonly List<Winter> _winters = [];
    private readonly ContainerSetting _setting;

    private WinterRuns(WinterRuns of, IEnumerable<Winter> winters)
    {
        (South, _setting, FilledDays, LeftOut) = (of.South, of._setting, of.FilledDays, of.LeftOut);
        _winters.AddRange(winters);
    }

    /// <param name="daily">In order, each day once.</param>
    /// <param name="from">First day to set out on; so in every winter.</param>
    public WinterRuns(
        IReadOnlyList<DailyTemperature> daily,
        double latitude,
        ContainerParameters parameters,
        ContainerSetting setting,
        DateOnly from,
        CancellationToken cancel = default
    )
    {
        (South, _setting) = (latitude < 0, setting);
        var model = new ContainerModel(parameters);
        var first = Winters.Of(from, South);
        foreach (var year in daily.Select(d => Winters.Of(d.Date, South)).Distinct().Order())
        {
            cancel.ThrowIfCancellationRequested();
            var start = Shift(from, year - first).AddDays(-ContainerDays.WeekDays);
            var end = Last(year);
            var days = daily.Where(d => d.Date >= start && d.Date <= end).ToList();
            if (days.Count == 0)
                continue;
            if (
                days[0].Date > start.AddDays(WeatherFilling.MostDays)
                || days.Count(d => d.MeanC is not null) < LeastShare * (end.DayNumber - start.DayNumber + 1)
            )
            {
                // the ends of a record are no fault of it
                if (year != Winters.Of(daily[0].Date, South) && year != Winters.Of(daily[^1].Date, South))
                    LeftOut.Add(new(year, "too few days"));
                continue;
            }
            var filled = WeatherFilling.Of(days);
            if (filled.Broken is { } gap)
            {
                LeftOut.Add(new(year, filled.Working[^1]));
                continue;
            }
            if (filled.Filled.Count > 0)
                FilledDays += filled.Filled.Sum(g => g.To.DayNumber - g.From.DayNumber + 1);
            _winters.Add(new(year, model.Run(ContainerHours.FromDays(filled.Days, latitude, TimeSpan.Zero), _ => setting)));
        }
    }

    /// <summary>The same winters in a container with other numbers.</summary>
    public WinterRuns With(ContainerParameters parameters)
    {
        var model = new ContainerModel(parameters);
        return new(this, _winters.Select(w => new Winter(w.Year, model.Run(w.Run.Hours, _ => _setting))));
    }

    public bool South { get; }

    public List<LeftOutWinter> LeftOut { get; } = [];

    public int FilledDays { get; }

    public int Count => _winters.Count;

    /// <summary>What a record says against a hemisphere: null, or the warmest month of the record.</summary>
    public static int? WrongHemisphere(IReadOnlyList<DailyTemperature> daily, double latitude)
    {
        var months = daily
            .Where(d => d.MeanC is not null)
            .GroupBy(d => d.Date.Month)
            .Select(g => (Month: g.Key, Mean: g.Average(d => d.MeanC!.Value)))
            .ToList();
        if (months.Count < 12 || Math.Abs(latitude) < 15)
            return null;
        var warmest = months.MaxBy(m => m.Mean).Month;
        var northern = warmest is >= 5 and <= 9;
        return northern == latitude > 0 ? null : warmest;
    }

    /// <summary>How setting out on each of the days turns out for a species.</summary>
    /// <param name="dates">Days of one winter, in order, none before the first that the runs were made for.</param>
    /// <param name="acceptFreeze">Share of springs with a killing freeze after emergence that is accepted, 0..1.</param>
    public SetOutResult For(
        SetOutNeed need,
        IReadOnlyList<DateOnly> dates,
        double acceptFreeze = AcceptFreeze,
        CancellationToken cancel = default
    )
    {
        var told = _winters
            .Select(w => new Told(w.Year, ContainerDays.Of(w.Run, need.Response), ContainerDays.Warmth(w.Run, need.Rate)))
            .ToList();
        var result = new List<SetOutDate>();
        foreach (var date in dates)
        {
            cancel.ThrowIfCancellationRequested();
            result.Add(Judge(date, Winters.Of(dates[0], South), told, need));
        }
        var good = result.Where(d => d.ChillMetShare >= 0.9 - 1e-9).ToList();
        SetOutWindow? window = good.Count == 0 ? null : new(good[0].Date, good[^1].Date);
        var safe = good.Where(d => d.FreezeAfterEmergenceShare <= acceptFreeze + 1e-9).ToList();
        SetOutWindow? safeWindow = safe.Count == 0 ? null : new(safe[0].Date, safe[^1].Date);
        return new(
            result,
            window,
            safeWindow,
            told.Count,
            LeftOut,
            $"{SafeWords(safeWindow, good, acceptFreeze, told.Count)} {WindowWords(window, result, told.Count)}".Trim(),
            TradeOff(window, result, told.Count),
            Working(need)
        );
    }

    private SetOutDate Judge(DateOnly date, int ofSeason, List<Told> winters, SetOutNeed need)
    {
        int met = 0,
            carried = 0,
            froze = 0;
        var up = new List<int>();
        foreach (var winter in winters)
        {
            var outcome = winter.Outcome(Shift(date, winter.Year - ofSeason), need, Midwinter(winter.Year));
            if (outcome.ChillMet)
                met++;
            if (outcome.Carried)
                carried++;
            if (outcome.Up is { } day)
                up.Add(day.DayNumber - SpringFirst(winter.Year).DayNumber);
            if (outcome.FrozeAfter)
                froze++;
        }
        var n = Math.Max(1, winters.Count);
        return new(date, (double)met / n, (double)carried / n, Quantiles(up), up.Count == 0 ? 0 : (double)froze / up.Count)
        {
            Counts = new(met, carried, up.Count, froze),
        };
    }

    private SpringQuantiles? Quantiles(List<int> offsets)
    {
        if (offsets.Count < SpringsForQuantiles)
            return null;
        var sorted = offsets.Order().ToList();
        double At(double share) => SeasonDays.Quantile(sorted, share);
        return new(
            SeasonDays.Calendar(At(0.1), South),
            SeasonDays.Calendar(At(0.5), South),
            SeasonDays.Calendar(At(0.9), South),
            At(0.1),
            At(0.5),
            At(0.9)
        );
    }

    private static string SafeWords(SetOutWindow? safe, List<SetOutDate> good, double accept, int winters) =>
        safe is { } s
            ? $"From {Quantity.Day(s.Earliest)} to {Quantity.Day(s.Latest)} a killing freeze after emergence comes in "
                + $"{AtMost(accept, winters)}, which you accept."
        : good.Count > 0 && winters > 0 ? $"No day with enough cold keeps the killing freeze after emergence to {AtMost(accept, winters)}."
        : "";

    private static string AtMost(double share, int winters) =>
        winters < WintersForShares
            ? Text.Of($"at most {(int)Math.Floor((share * winters) + 1e-9)} of {winters} winters")
            : Text.Of($"at most {Percent.Of(share)} of winters");

    private static string WindowWords(SetOutWindow? window, List<SetOutDate> dates, int winters)
    {
        if (winters == 0)
            return "No winter of the record is whole enough to say anything.";
        if (window is { } w)
            return Text.Of(
                $"From {Quantity.Day(w.Earliest)} to {Quantity.Day(w.Latest)} enough cold comes before the warmth in "
                    + $"{(winters < WintersForShares
                        ? Text.Of($"at least {LeastMet(w, dates)} of {winters} winters") : "nine winters of ten or more")}."
            );
        var best = dates.MaxBy(d => d.ChillMetShare)!;
        return Text.Of(
            $"No day has enough cold in nine winters of ten; {Quantity.Day(best.Date)} has it in {InTen(best.Counts.ChillMet, winters)}."
        );
    }

    private static string TradeOff(SetOutWindow? window, List<SetOutDate> dates, int winters)
    {
        if (window is not { } w)
            return "Where the cold is not enough before the warmth, the seed waits for next spring.";
        var (early, late) = (dates.First(d => d.Date == w.Earliest), dates.First(d => d.Date == w.Latest));
        var after = dates.FirstOrDefault(d => d.Date > w.Latest);
        return string.Join(
                ' ',
                Text.Of(
                    $"Out {Short(w.Earliest)}: half is up by {Spring(early)} in half of the springs, and a killing "
                        + $"freeze comes after it in {InTen(early.Counts.Froze, early.Counts.Up)}."
                ),
                w.Earliest == w.Latest
                    ? ""
                    : Text.Of($"Out {Short(w.Latest)}: {Spring(late)}, {InTen(late.Counts.Froze, late.Counts.Up)}."),
                after is null
                    ? ""
                    : Text.Of($"Later the seed is carried over to next spring in {InTen(after.Counts.Carried, winters)} and more.")
            )
            .Replace("  ", " ", StringComparison.Ordinal)
            .TrimEnd();
    }

    private static string Short(DateOnly day) => Quantity.DayOfYear(day);

    private static string Spring(SetOutDate date) => date.Emergence?.Middle() ?? "not known";

    /// <summary>A share in words that nobody takes for more than it is: 2 winters in 10.</summary>
    private static string InTen(int of, int winters) =>
        winters < WintersForShares ? Text.Of($"{of} of {winters} winters") : InTen((double)of / winters);

    private static string InTen(double share) =>
        share switch
        {
            0 => "no winter",
            < 0.05 => "less than 1 winter in 10",
            _ => Text.Of(
                $"{Math.Round(share * 10, MidpointRounding.AwayFromZero):0} "
                    + $"{(Math.Round(share * 10, MidpointRounding.AwayFromZero) == 1 ? "winter" : "winters")} in 10"
            ),
        };

    private List<string> Working(SetOutNeed need) =>
        [
            Text.Of(
                $"{Count} winters, each with the container simulated hour by hour from the daily range (uncalibrated "
                    + $"model){(FilledDays > 0 ? $"; {FilledDays} missing days filled in from the days beside them" : "")}."
            ),
            .. LeftOut.Select(w => Text.Of($"Winter {w.Year}/{(w.Year + 1) % 100:00} is left out: {w.Why.TrimEnd('.')}.")),
            Text.Of(
                $"Cold: {need.ColdDays:0.#} days by weight "
                    + $"({string.Join(", ", need.Response.Knots.Select(Quantity.Temperature))}) "
                    + $"in the mix, before its {ContainerDays.WeekDays}-day mean passes {Quantity.Temperature(need.CeilingC)} "
                    + $"after midwinter."
            ),
            Text.Of(
                $"Up: {Quantity.ThermalTime(need.ThermalTime.T50)} above {Quantity.Temperature(need.Rate.BaseC)} "
                    + $"{(need.IsOwnWarmth ? "by your own sowings indoors, " : "")}"
                    + $"{(need.GerminatesInCold ? "gathered alongside the cold" : "from the day the cold is met")}. Freeze: "
                    + $"air inside at or below {Quantity.Temperature(need.KillC)} after that."
            ),
        ];

    /// <summary>Last day that is looked at: the summer after.</summary>
    private DateOnly Last(int year) => South ? new(year + 1, 1, 31) : new(year + 1, 7, 31);

    /// <summary>Warmth before it belongs to the autumn.</summary>
    private DateOnly Midwinter(int year) => South ? new(year, 7, 1) : new(year + 1, 1, 1);

    private DateOnly SpringFirst(int year) => South ? SeasonDays.First(year, true) : SeasonDays.First(year + 1, false);

    /// <summary>The same day of another year; 29 February falls on the 28th where there is none.</summary>
    private static DateOnly Shift(DateOnly day, int years) => day.AddYears(years);

    private sealed record Winter(int Year, ContainerRun Run);

    private readonly record struct Outcome(bool ChillMet, bool Carried, DateOnly? Up, bool FrozeAfter);

    /// <summary>A winter under one species' responses.</summary>
    private sealed record Told(int Year, IReadOnlyList<ContainerDay> Days, IReadOnlyList<ThermalDay> Warmth)
    {
        public Outcome Outcome(DateOnly from, SetOutNeed need, DateOnly midwinter)
        {
            var start = Math.Max(0, from.DayNumber - Days[0].Date.DayNumber);
            double cold = 0;
            int? met = null,
                warm = null;
            for (var i = start; i < Days.Count && met is null && warm is null; i++)
            {
                cold += Days[i].Effective;
                if (cold >= need.ColdDays - 1e-9)
                    met = i;
                else if (Days[i].Date >= midwinter && ContainerDays.WeekMeanC(Days, i) > need.CeilingC)
                    warm = i;
            }
            if (met is not { } chilled)
                return new(false, warm is not null, null, false);
            double degrees = 0;
            for (var i = need.GerminatesInCold ? start : chilled + 1; i < Days.Count; i++)
            {
                degrees += Warmth[i].Degrees;
                if (degrees < need.ThermalTime.T50 || i < chilled)
                    continue;
                return new(true, false, Days[i].Date, Days.Skip(i + 1).Any(d => d.AirMinC <= need.KillC));
            }
            return new(true, false, null, false);
        }
    }

    /// <summary>Winters with enough cold on the day of the window that has the fewest.</summary>
    private static int LeastMet(SetOutWindow window, IEnumerable<SetOutDate> dates) =>
        dates.Where(d => d.Date >= window.Earliest && d.Date <= window.Latest && d.ChillMetShare >= 0.9 - 1e-9).Min(d => d.Counts.ChillMet);
}
