using Gassel.Core.Climate;
using Gassel.Core.Fold;
using Gassel.Core.Record;
using Gassel.Core.Treatments;

namespace Gassel.Core.Growing;

/// <summary>
/// A look at the water of a place: one job for all that stands there, not one to a tray. Over a mat or in a heated greenhouse it is due
/// morning and evening, else once a day, in the open by the weather (common practice, no source; the hours are our assumption).
/// </summary>
/// <param name="Parts">Ids of batch and part that want it now, those never to dry first.</param>
/// <param name="NeverDry">How many of them must not dry.</param>
/// <param name="LateDays">Whole days since the oldest look was due; 0 for what nobody ever looked at.</param>
/// <param name="TipOutAt">When what stands in water from below has drunk enough; null where none does.</param>
public sealed record WaterRound(
    IReadOnlyList<WaterNeed> Parts,
    int NeverDry,
    int LateDays,
    DateTimeOffset? TipOutAt,
    string Words,
    string HowTo,
    IReadOnlyList<string> Working
)
{
    /// <summary>From this hour on a second look is the evening's.</summary>
    public static readonly TimeOnly Evening = new(15, 0);

    /// <summary>What is kept on the dry side is looked at so often, days (our assumption).</summary>
    public const int DrySideDays = 7;

    /// <summary>In the open, below this mean a pot hardly dries and is looked at every third day, °C (our assumption).</summary>
    public const double HardlyDriesC = 5;

    private const int ColdDays = 3;

    /// <summary>A tray drinks from below 15 to 20 minutes (common practice, no source).</summary>
    private const int MinutesInWater = 20;

    /// <summary>After so long the question whether the rest was tipped out is no longer asked, minutes (our assumption).</summary>
    private const int MinutesAsked = 120;

    /// <summary>Null where nothing wants it now.</summary>
    /// <param name="there">All that stands at the place, with its batch and species.</param>
    /// <param name="sky">Days of weather by date; empty where nobody knows it.</param>
    /// <param name="now">The moment at the site.</param>
    public static WaterRound? Of(
        Place place,
        IEnumerable<(Guid Batch, int Number, PartState Part, Species Species)> there,
        IReadOnlyDictionary<DateOnly, YardDay> sky,
        DateTimeOffset now
    )
    {
        var today = DateOnly.FromDateTime(now.DateTime);
        var asked = there.Where(p => WaterRegimes.AsksFor(p.Part)).ToList();
        if (asked.Count == 0)
            return null;
        var (pace, why) = Pace.Of(place, sky, today);
        var due = new List<(WaterNeed Need, PartState Part, int Late)>();
        foreach (var (batch, number, part, species) in asked)
        {
            var (regime, reason) = WaterRegimes.Of(part, species);
            if (Late(part, regime, pace, now) is { } late)
            {
                var drinks = WaterAmount.TraysOf(part) is { } trays ? WaterAmount.Words(trays) : null;
                var rain = species.Water == WaterRegime.NeverDry;
                due.Add((new(batch, number, part.Id, part.Vessel?.Label, regime, reason, drinks, rain), part, late));
            }
        }
        var soaked = asked
            .SelectMany(p => p.Part.WaterLooks)
            .Where(l => l.Given == WaterGiven.FromBelow && l.At is { } at && at <= now && (now - at).TotalMinutes < MinutesAsked)
            .Select(l => l.At)
            .Max();
        if (due.Count == 0 && soaked is null)
            return null;
        var needs = due.Select(d => d.Need).OrderBy(n => n.Regime).ThenBy(n => n.Number).ToList();
        var never = needs.Count(n => n.Regime == WaterRegime.NeverDry);
        return new(
            needs,
            never,
            due.Select(d => d.Late).DefaultIfEmpty(0).Max(),
            soaked?.AddMinutes(MinutesInWater),
            Text.Of(
                $"{needs.Count} {(needs.Count == 1 ? "vessel" : "vessels")}"
                    + $"{(never == 0 ? "" : never == needs.Count ? ", must not dry out" : Text.Of($", {never} must not dry out"))}."
            ),
            Wetting([.. due.Select(d => d.Part)], [.. needs.Where(n => n.RainWater)]),
            [why, .. needs.GroupBy(n => (n.Regime, n.Why)).Select(g => $"{Text.Capital(g.Key.Regime.Words())} ({Names(g)}): {g.Key.Why}")]
        );
    }

    private static string Wetting(IReadOnlyCollection<PartState> parts, IReadOnlyCollection<WaterNeed> alwaysWet)
    {
        var all = parts.Count > 1 && WaterAmount.All(parts) is { } amount ? $" ({amount})" : "";
        var rain = alwaysWet.Count == 0 ? "" : $" Rain water for {Names(alwaysWet)}: always-wet kinds suffer from hard tap water.";
        return $"Pale mix is drying, dark mix is moist. From below: {RuleOfThumb.WaterFromBelow} a tray{all} for 15 to {MinutesInWater} "
            + $"minutes, then tip the rest out.{rain}";
    }

    private static string Names(IEnumerable<WaterNeed> needs) => string.Join(", ", needs.Select(n => Text.Of($"B-{n.Number}")).Distinct());

    /// <summary>Days past the day it was due on, 0 for today; null where it is not due yet.</summary>
    private static int? Late(PartState part, WaterRegime regime, Pace pace, DateTimeOffset now)
    {
        var today = DateOnly.FromDateTime(now.DateTime);
        if (part.WaterLooks.Count == 0)
            return 0;
        var last = part.WaterLooks.MaxBy(l => (l.On, l.At ?? DateTimeOffset.MinValue));
        var days = regime == WaterRegime.DrySide ? Math.Max(DrySideDays, pace.Days) : pace.Days;
        if (last.On == today)
        {
            var isEvening = TimeOnly.FromDateTime(now.DateTime) >= Evening;
            var wasEvening = last.At is { } at && TimeOnly.FromDateTime(at.ToOffset(now.Offset).DateTime) >= Evening;
            return pace.Twice && regime != WaterRegime.DrySide && isEvening && last.At is not null && !wasEvening ? 0 : null;
        }
        var late = today.DayNumber - last.On.DayNumber - days;
        return late >= 0 ? late : null;
    }

    /// <summary>How often a place is looked at.</summary>
    private readonly record struct Pace(int Days, bool Twice)
    {
        private static Pace Own(LookPace pace) =>
            pace switch
            {
                LookPace.TwiceADay => new(1, true),
                LookPace.Daily => new(1, false),
                LookPace.EverySecondDay => new(2, false),
                _ => new(7, false),
            };

        public static (Pace Pace, string Why) Of(Place place, IReadOnlyDictionary<DateOnly, YardDay> sky, DateOnly today)
        {
            if (place.Looks is { } own)
                return (Own(own), $"As set for {place.InSentence}: {own.Words()}.");
            if (place.Kind is PlaceKind.HeatMat or PlaceKind.HeatedGreenhouse)
                return (new(1, true), "Warm mix and dry air: look morning and evening (common practice, no source).");
            if (place.Kind == PlaceKind.ColdShelf)
                return (new(DrySideDays, false), "In the cold a tray hardly dries: look once a week (our assumption).");
            if (!place.IsOutdoors)
                return (new(1, false), "Look once a day (common practice, no source).");
            if (!sky.TryGetValue(today, out var day))
                return (new(1, false), "No weather is known for today: look once a day.");
            var rained = day.Wet == true || (sky.TryGetValue(today.AddDays(-1), out var before) && before.Wet == true);
            if (rained && place.IsOpenAir)
                return (new(2, false), "It rains or rained yesterday: look every second day, and at what stands under a roof today.");
            return day.MeanC < HardlyDriesC
                ? (
                    new(ColdDays, false),
                    Text.Of($"Below {Quantity.Temperature(HardlyDriesC)} on average a pot hardly dries: every third day (our assumption).")
                )
                : (new(1, false), "Outdoors, dry and mild: look once a day (common practice, no source).");
        }
    }
}
