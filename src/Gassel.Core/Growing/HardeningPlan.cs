using Gassel.Core.Climate;

namespace Gassel.Core.Growing;

/// <param name="ReadyOn">The day after the last; planting out from then on.</param>
public sealed record HardeningPlan(IReadOnlyList<HardeningDay> Days, DateOnly ReadyOn, IReadOnlyList<string> Working)
{
    /// <summary>The two schools (common practice, no source).</summary>
    public const int Short = 7;
    public const int Long = 14;

    /// <summary>Tender plants go in below this, hardy ones below 0 °C (common practice, no source).</summary>
    public const double TenderInBelowC = 7;
    public const double HardyInBelowC = 0;

    /// <summary>A day that does not get so much above the limit of the night is too cold to be out at all, K (our assumption).</summary>
    private const double DayAboveK = 3;

    /// <summary>Gusts in which plants just out of shelter break, km/h (our assumption).</summary>
    public const double WaitOverKmh = 40;

    /// <summary>Days between the two schools for a step planned so long.</summary>
    public static int Length(int planned) => Math.Clamp(planned, Short, Long);

    /// <summary>Nothing is planned further ahead than this, days.</summary>
    private const int Farthest = 120;

    /// <summary>
    /// Day by day from the first: an hour or two of shade, longer each day, sun from half of the days on, the night out for the last third.
    /// The outlook decides on
    /// frost and wind; beyond it a day is taken to be fair.
    /// </summary>
    /// <param name="days">7 to 14.</param>
    /// <param name="outlook">By day; those it does not know are taken as fair.</param>
    /// <param name="skipped">Days on which nobody carried them out.</param>
    /// <param name="opened">A winter-sown container stays where it is; its top is opened by degrees instead.</param>
    /// <param name="done">Days on which somebody did, with the hours where they were looked at; null for none.</param>
    public static HardeningPlan Of(
        DateOnly start,
        int days,
        bool tender,
        IReadOnlyDictionary<DateOnly, YardDay> outlook,
        IReadOnlySet<DateOnly> skipped,
        IReadOnlyDictionary<DateOnly, int?>? done = null,
        bool opened = false
    )
    {
        var inBelow = tender ? TenderInBelowC : HardyInBelowC;
        var plan = new List<HardeningDay>();
        var step = 0;
        for (var date = start; step < days && plan.Count < Farthest; date = date.AddDays(1))
        {
            YardDay? weather = outlook.TryGetValue(date, out var known) ? known : null;
            // the night that follows the day ends on the next morning
            double? night = outlook.TryGetValue(date.AddDays(1), out var next) ? next.MinC : null;
            if (done is not null && done.TryGetValue(date, out var hoursOut))
            {
                step++;
                plan.Add(
                    new(
                        date,
                        step,
                        HardeningDayKind.Done,
                        hoursOut ?? HoursOn(step, days),
                        hoursOut is null ? "Was out."
                            : hoursOut >= 24 ? "Was out, day and night."
                            : Say($"Was out {hoursOut} h.")
                    )
                );
            }
            else if (skipped.Contains(date))
                plan.Add(new(date, step, HardeningDayKind.Skipped, 0, "Skipped: the end moves by a day."));
            else if (weather?.GustKmh >= WaitOverKmh)
                plan.Add(
                    new(
                        date,
                        step,
                        HardeningDayKind.Wait,
                        0,
                        Say(
                            $"{(opened ? "Keep it shut" : "Wait")}: gusts of {Quantity.Speed(weather.Value.GustKmh!.Value)}; "
                                + $"the end moves by a day."
                        )
                    )
                );
            else if (weather?.MaxC < inBelow + DayAboveK)
                plan.Add(
                    new(
                        date,
                        step,
                        HardeningDayKind.Wait,
                        0,
                        Say(
                            $"{(opened ? "Keep it shut" : "Wait")}: {Quantity.WholeDegrees(weather.Value.MaxC)} at most by "
                                + $"day; the end moves by a day."
                        )
                    )
                );
            else
            {
                step++;
                var hours = HoursOn(step, days);
                var shade =
                    2 * step <= days ? "in shade, out of the wind"
                    : 3 * step <= 2 * days ? "morning sun, shade after noon"
                    : "full sun";
                var stays = hours >= 24;
                var frost = stays && night < inBelow;
                // known only with its night, where that is to be out
                var isKnown = weather is not null && (!stays || night is not null);
                var rule = isKnown
                    ? ""
                    : Say(
                        $" No forecast: only above {Quantity.WholeDegrees(inBelow + DayAboveK)} by "
                            + $"day{(stays ? " and" : "")}{(stays ? $" {Quantity.WholeDegrees(inBelow)} at night" : "")}, "
                            + $"without strong wind."
                    );
                plan.Add(
                    new(
                        date,
                        step,
                        frost ? HardeningDayKind.InTonight : HardeningDayKind.Out,
                        frost ? 12 : hours,
                        (opened, frost, stays) switch
                        {
                            (true, true, _) => Say(
                                $"Open by day; shut tonight: {Quantity.Temperature(night!.Value)}, below "
                                    + $"{Quantity.WholeDegrees(inBelow)}; the end moves by a day."
                            ),
                            (true, _, true) => "Open day and night.",
                            (true, _, _) => Say($"Top open {hours} h; shut for the night."),
                            (_, true, _) => Say(
                                $"Out by day, {shade}; in tonight: {Quantity.Temperature(night!.Value)}, below "
                                    + $"{Quantity.WholeDegrees(inBelow)}; the end moves by a day."
                            ),
                            (_, _, true) => Say($"Out day and night, {shade}."),
                            _ => Say($"{hours} h out, {shade}; in for the night."),
                        } + rule,
                        isKnown
                    )
                );
                if (frost)
                    step--;
            }
        }
        var ready = plan.Count == 0 ? start : plan[^1].Date.AddDays(1);
        return new(
            plan,
            ready,
            [
                opened
                    ? Say(
                        $"Winter-sown: open its top a little more each day over {days} days, an hour or two at first "
                            + $"(common practice, no source: a week); leave it open at night for the last third."
                    )
                    : Say(
                        $"{days} days, an hour or two of shade first and longer each day (common practice, no source: "
                            + $"7 to 14); out at night for the last third."
                    ),
                Say(
                    $"{(tender ? "Tender" : "Hardy")} plants {(opened ? "are shut" : "go in")} below {Quantity.WholeDegrees(inBelow)} "
                        + $"(common practice, no source); gusts from {Quantity.Speed(WaitOverKmh)} wait (our assumption)."
                ),
                Say(
                    $"A day below {Quantity.WholeDegrees(inBelow + DayAboveK)} waits (our assumption); a frosty night that was "
                        + $"to be out does not count."
                ),
                Say(
                        $"{plan.Count - step} days waited, skipped or spent indoors at night; ready {Quantity.Day(ready)}. "
                            + $"{(plan.Exists(d => !d.WeatherKnown)
                                ? "Some days have no forecast: we assume fair weather, and the end moves if it is not." : "")}"
                    )
                    .TrimEnd(),
            ]
        );
    }

    /// <summary>1 to 2 hours on the first day, by even steps to 10, and the last third day and night.</summary>
    private static int HoursOn(int step, int days)
    {
        var night = days - (days / 3);
        return step > night
            ? 24
            : Math.Clamp((int)Math.Round(1.5 + (8.5 * (step - 1) / Math.Max(1, night - 1)), MidpointRounding.AwayFromZero), 1, 10);
    }

    private static string Say(InvariantText text) => text.ToString().Replace(" -", " −", StringComparison.Ordinal);
}
