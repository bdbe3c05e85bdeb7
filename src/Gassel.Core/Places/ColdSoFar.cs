using Gassel.Core.Climate;
using Gassel.Core.Fold;
using Gassel.Core.Record;
using Gassel.Core.Treatments;

namespace Gassel.Core.Places;

/// <summary>Cold a part has had in the step it is in, as a range where something is uncertain.</summary>
/// <param name="Measured">From readings.</param>
/// <param name="Assumed">From a thermometer read by eye, or from what the grower assumes of the place.</param>
/// <param name="Certain">Low end: without days in which it may have lain dry, and from the last warm spell on.</param>
/// <param name="Shortest">What the route asks for at least.</param>
/// <param name="Response">The species' own.</param>
/// <param name="RatePerDay">Effective days gained a day over the last week; null on the first day.</param>
/// <param name="Working">Which days count how, and why.</param>
public sealed record ColdSoFar(
    DateOnly Since,
    ColdAmount Measured,
    ColdAmount Assumed,
    ColdAmount Certain,
    ColdNeed Shortest,
    ColdNeed Usual,
    ColdResponse Response,
    double? RatePerDay,
    IReadOnlyList<ColdDay> Daily,
    IReadOnlyList<string> Working
)
{
    /// <summary>The rate is that of so many days (our assumption).</summary>
    public const int RateDays = 7;

    /// <summary>Further off nobody plans.</summary>
    private const int FarthestDays = 730;

    /// <summary>High end: all kept.</summary>
    public ColdAmount All => Measured + Assumed;

    /// <summary>
    /// Of the cold step the part is in, or of a cold it was given again after sowing; null where it is in none. Whole days, from the one it
    /// went in up to yesterday.
    /// </summary>
    public static ColdSoFar? Of(
        BatchPlan plan,
        PartState part,
        IReadOnlyDictionary<string, Place> places,
        IPlaceTemperatures temperatures,
        ColdResponse response,
        DateOnly today
    )
    {
        if (part is { SecondCold: { } again, LastStep: { } sown })
            return Of((again.Days, again.Days), null, part, new(sown, again.From, again.End), places, temperatures, response, today);
        return part.Open is { } open && plan.Steps[open.Step].Step.Kind == StepKind.ColdMoist
            ? Of(plan, part, open, places, temperatures, response, today)
            : null;
    }

    /// <summary>Of one spell of cold, whether it lasts or is over.</summary>
    /// <param name="open">A cold step of the part.</param>
    /// <param name="today">Of a spell that is over its end counts instead.</param>
    public static ColdSoFar Of(
        BatchPlan plan,
        PartState part,
        StepSpan open,
        IReadOnlyDictionary<string, Place> places,
        IPlaceTemperatures temperatures,
        ColdResponse response,
        DateOnly today
    )
    {
        var range = plan.Steps[open.Step].Step.Days;
        // outdoors the seed needs what breaks its dormancy, however long the winter lasts
        var asked = part.Outdoors is { } sky
            ? ((int)Math.Round(sky.ColdNeed), (int)Math.Round(sky.ColdUsual))
            : (range.Shortest, range.Usual);
        return Of(asked, part.Outdoors?.ColdMetOn, part, open, places, temperatures, response, today);
    }

    /// <param name="outdoorsOn">When the weather meets the least, of what stands out; null where nobody knows.</param>
    private static ColdSoFar Of(
        (int Least, int Most) asked,
        DateOnly? outdoorsOn,
        PartState part,
        StepSpan open,
        IReadOnlyDictionary<string, Place> places,
        IPlaceTemperatures temperatures,
        ColdResponse response,
        DateOnly today
    )
    {
        if (open.End is { } end && end < today)
            today = end;
        var (least, most) = asked;
        var (own, byDefault) = (new PlaceDays(places, temperatures, response), new PlaceDays(places, temperatures, ColdResponse.Default));
        var days = new List<Day>();
        for (var date = open.Start; date < today; date = date.AddDays(1))
        {
            var place = part.PlaceOn(date);
            days.Add(new(own.On(place, date), byDefault.On(place, date), Moist: true));
        }
        var working = new List<string>
        {
            Text.Of(
                $"In the cold since {Quantity.Day(open.Start)}: {days.Count} days by the calendar, "
                    + $"counting the day it went in and not today."
            ),
        };
        MarkDry(part, open, days, working);
        var warm = WarmSpells(days, least, working);
        MarkWarm(days, warm);
        var since = warm.Count > 0 ? warm[^1].To : DateOnly.MinValue;
        var measured = Sum(days, d => d.Own.Known, d => d.ByDefault.Known);
        var assumed = Sum(days, d => d.Own.Filled, d => d.ByDefault.Filled);
        var sure = days.Where(d => d.Moist && d.Date > since).ToList();
        var certain = Sum(sure, d => d.Own.Whole, d => d.ByDefault.Whole);
        var rate = Rate(days, d => d.Own.Whole.Effective);
        Tell(working, measured, assumed, days.Exists(d => d.Own.Source == TemperatureSource.Modelled), response, rate);
        return new(open.Start, measured, assumed, certain, Need(least), Need(most), response, rate, Drawn(days), working);

        ColdNeed Need(int asked) =>
            new(
                asked,
                outdoorsOn is { } met && asked == least && open.End is null ? new(met, met) : Met(asked, d => d.Own.Whole.Effective),
                Met(asked, d => d.ByDefault.Whole.Effective),
                Met(asked, d => d.Own.Whole.ChillHours / 24),
                Met(asked, d => d.Calendar(d.Own.Whole))
            );

        ColdMet Met(int asked, Func<Day, double> amount) =>
            new(MetOn(days, amount, asked, Rate(days, amount), today), MetOn(sure, amount, asked, Rate(days, amount), today));
    }

    private static List<ColdDay> Drawn(List<Day> days)
    {
        double sum = 0;
        return
        [
            .. days.Select(d => new ColdDay(
                d.Date,
                d.Own.Whole.MeanC,
                d.Own.Whole.Effective,
                sum += d.Own.Whole.Effective,
                d.Own.Source,
                d.Moist
            )),
        ];
    }

    /// <summary>Of the last week; null before the first day.</summary>
    private static double? Rate(List<Day> days, Func<Day, double> amount) =>
        days.Count == 0 ? null : days.TakeLast(RateDays).Average(amount);

    /// <summary>Amounts with the same thing under both responses.</summary>
    private static ColdAmount Sum(IEnumerable<Day> days, Func<Day, TemperatureDay> own, Func<Day, TemperatureDay> byDefault)
    {
        var sum = default(ColdAmount);
        foreach (var day in days)
            sum += new ColdAmount(day.Calendar(own(day)), own(day).ChillHours, own(day).Effective, byDefault(day).Effective);
        return sum;
    }

    /// <summary>The day with which the sum reaches what is asked, or will at this rate.</summary>
    private static DateOnly? MetOn(List<Day> days, Func<Day, double> amount, int asked, double? rate, DateOnly today)
    {
        double sum = 0;
        // a sum of many parts of days comes within a hair of a whole number
        const double Hair = 1e-6;
        foreach (var day in days)
        {
            sum += amount(day);
            if (sum >= asked - Hair)
                return day.Date;
        }
        if (asked <= sum + Hair)
            return today;
        return rate is > 0 and var gained && (asked - sum) / gained <= FarthestDays
            ? today.AddDays((int)Math.Ceiling(((asked - sum) / gained) - Hair) - 1)
            : null;
    }

    /// <summary>Nobody knows since when a bag found dry was dry: all since the last good look counts as uncertain.</summary>
    private static void MarkDry(PartState part, StepSpan open, List<Day> days, List<string> working)
    {
        var good = open.Start;
        DateOnly? leftDry = null;
        foreach (var check in part.Checks.Where(c => c.On >= open.Start && (open.End is not { } end || c.On <= end)))
        {
            if (check.Moisture == Moisture.Dry)
            {
                for (var i = 0; i < days.Count; i++)
                {
                    if (days[i].Date >= good && days[i].Date < check.On)
                        days[i] = days[i] with { Moist = false };
                }
                working.Add(
                    Text.Of(
                        $"Found dry {Quantity.Day(check.On)}; last seen moist {Quantity.Day(good)}: "
                            + $"{check.On.DayNumber - good.DayNumber} days are uncertain, for dry seed gains nothing."
                    )
                );
            }
            if (leftDry is { } dry)
                Dry(days, dry, check.On);
            leftDry = check.LeftDry ? check.On : null;
            good = check.On;
        }
        if (leftDry is not { } since)
            return;
        Dry(days, since, DateOnly.MaxValue);
        working.Add(Text.Of($"Found dry {Quantity.Day(since)} and not wetted: nothing is gained from then on until it is."));

        static void Dry(List<Day> days, DateOnly from, DateOnly before)
        {
            for (var i = 0; i < days.Count; i++)
            {
                if (days[i].Date >= from && days[i].Date < before)
                    days[i] = days[i] with { Moist = false };
            }
        }
    }

    private static IReadOnlyList<Interruption> WarmSpells(List<Day> days, int shortest, List<string> working)
    {
        var gained = new double[days.Count];
        for (var i = 0; i < days.Count; i++)
            gained[i] = (i > 0 ? gained[i - 1] : 0) + days[i].Own.Whole.Effective;
        var warm = Chilling.Interruptions([.. days.Select(d => d.Own.Whole)], i => gained[i] >= shortest);
        foreach (var spell in warm)
        {
            working.Add(
                Text.Of(
                    $"{Quantity.Day(spell.From)} to {Quantity.Day(spell.To)}: {spell.Days} days above "
                        + $"{Quantity.WholeDegrees(Chilling.WarmAboveC)} before the shortest time: the cold before may still "
                        + $"count, or may have to start over."
                )
            );
        }
        return warm;
    }

    private static void Tell(
        List<string> working,
        ColdAmount measured,
        ColdAmount assumed,
        bool modelled,
        ColdResponse response,
        double? rate
    )
    {
        string Amount(ColdAmount a) =>
            Text.Of(
                $"{a.Effective:0.0} days by weight, {a.ChillHours:0} hours {RuleOfThumb.ChillingBand}, "
                    + $"{a.Days:0.0} days by the calendar"
            );
        if (measured.Days > 0)
            working.Add($"Measured: {Amount(measured)}.");
        if (assumed.Days > 0)
            working.Add(
                $"{(modelled ? "In the mix by the container model, from the weather (uncalibrated)"
                    : "Assumed, from a thermometer read by eye or from what is set for the place")}: "
                    + $"{Amount(assumed)}."
            );
        working.Add(
            Text.Of(
                $"Weight of the species: {response.Told()}; its shape is an assumption, "
                    + $"so the need stands under {string.Join(", ", ColdResponse.Default.Knots.Select(Quantity.Temperature))} as well."
            )
        );
        if (rate is { } gained)
            working.Add(Text.Of($"Rate of the last {RateDays} days: {gained:0.00} a day."));
    }

    private static void MarkWarm(List<Day> days, IReadOnlyList<Interruption> spells)
    {
        for (var i = 0; i < days.Count; i++)
            days[i] = days[i] with { Warm = spells.Any(w => days[i].Date >= w.From && days[i].Date <= w.To) };
    }

    /// <param name="Warm">In a spell that may have undone what was gained.</param>
    private sealed record Day(PlaceDay Own, PlaceDay ByDefault, bool Moist, bool Warm = false)
    {
        public DateOnly Date => Own.Whole.Date;

        /// <summary>By the calendar a warm day is no cold one; its cold hours count as they were (docs/decisions/0030).</summary>
        public double Calendar(TemperatureDay of) => Warm ? 0 : of.CoveredHours / 24;
    }
}
