using Gassel.Core.Climate;
using Gassel.Core.Record;

namespace Gassel.Core.Yard;

/// <summary>
/// What the weather asks of pots, trays, frames and fresh plantings: all that stands out and is no winter container, which has a model of
/// its own. It knows the forecast's air and what a place usually gives, no more; the degrees of shelter are our assumption.
/// </summary>
public static class OutWatch
{
    /// <summary>A frame or greenhouse is opened when it is so warm inside, °C (common practice, no source).</summary>
    public const double VentC = 21;

    /// <summary>In pots and fresh plantings this day scorches and dries, °C (our assumption).</summary>
    public const double HotC = 32;

    /// <summary>Between the night and the day this hurts what is not hardened, K (our assumption).</summary>
    public const double SwingK = 20;

    /// <summary>A frame is shut so long before sunset, h (our assumption).</summary>
    private const double ShutBeforeH = 2;

    /// <summary>Fleece or a mat over plants keeps so much, K (our assumption).</summary>
    public const double CoverK = 3;

    /// <summary>What stands in the open gets so much less than the air on a clear night, K (our assumption).</summary>
    private const double SkyK = -1;

    /// <summary>By night a shut frame, an unheated greenhouse and a garage keep so much, K (our assumption).</summary>
    private static double NightK(PlaceKind kind) =>
        kind switch
        {
            PlaceKind.ColdFrame => 3,
            PlaceKind.Greenhouse => 2,
            PlaceKind.Garage => 6,
            _ => SkyK,
        };

    /// <summary>By day a shut frame or greenhouse gains so much from the sun, K (our assumption).</summary>
    private const double GlassK = 8;

    private static bool IsUnderGlass(PlaceKind kind) => kind is PlaceKind.ColdFrame or PlaceKind.Greenhouse;

    /// <summary>The weather comes near there.</summary>
    public static bool IsOut(Place place) => place.IsOutdoors || place.Kind is PlaceKind.Greenhouse or PlaceKind.Garage;

    /// <param name="there">What stands there and has no model of its own.</param>
    /// <param name="sky">Recorded and forecast days; empty where nobody knows them.</param>
    /// <param name="now">The moment at the site.</param>
    public static IReadOnlyList<OutWarning> Of(
        Place place,
        IEnumerable<OutPart> there,
        IReadOnlyDictionary<DateOnly, YardDay> sky,
        DateTimeOffset now,
        double latitude
    )
    {
        if (!IsOut(place))
            return [];
        var today = DateOnly.FromDateTime(now.DateTime);
        var all = there.Where(p => p.IsWatched(today)).OrderByDescending(p => p.StandsC(today)).ThenBy(p => p.Number).ToList();
        if (all.Count == 0)
            return [];
        var ahead = Enumerable
            .Range(0, YardWatch.FreezeAheadDays + 1)
            .Select(i => today.AddDays(i))
            .Where(sky.ContainsKey)
            .Select(d => sky[d])
            .ToList();
        var sunset = 24 - Sun.Sunrise(latitude, today);
        return
        [
            .. new[]
            {
                Freeze(place, all, ahead, now),
                Vent(place, all, ahead, now, sunset),
                Shut(place, all, now, sunset),
                Heat(place, all, ahead, today),
                Wind(place, all, ahead, today),
                Swing(place, all, ahead, today),
                Uncover(place, all, ahead, now),
            }.OfType<OutWarning>(),
        ];
    }

    /// <summary>What it comes to where a part stands, °C. The low of a day is that of its morning.</summary>
    private static double Inside(Place place, OutPart part, YardDay day) =>
        day.MinC + (part.IsVented && IsUnderGlass(place.Kind) ? 0 : NightK(place.Kind)) + (part.IsCovered ? CoverK : 0);

    /// <summary>This morning's low is past once the day has begun.</summary>
    private static IEnumerable<YardDay> Nights(List<YardDay> ahead, DateTimeOffset now) =>
        ahead.Where(d => d.Date > DateOnly.FromDateTime(now.DateTime) || now.Hour < MorningH);

    private const int MorningH = 9;
    private const int NoonH = 12;

    private static OutWarning? Freeze(Place place, List<OutPart> all, List<YardDay> ahead, DateTimeOffset now)
    {
        var today = DateOnly.FromDateTime(now.DateTime);
        var nights = Nights(ahead, now).ToList();
        var hit = all.Where(p => nights.Any(d => Inside(place, p, d) <= p.StandsC(today))).ToList();
        if (hit.Count == 0)
            return null;
        var first = nights.First(d => hit.Any(p => Inside(place, p, d) <= p.StandsC(today)));
        var worst = nights.Min(d => hit.Min(p => Inside(place, p, d)));
        var tender = hit[0];
        var covered = hit.All(p => p.IsCovered);
        return new(
            OutWarningKind.Freeze,
            covered ? $"Freeze coming, covered or not: move {These(hit)} in" : $"Freeze coming: cover {These(hit)} or move them in",
            Text.Of(
                $"{Quantity.Weekday(first.Date)}: down to {Quantity.WholeDegrees(worst)} there; B-{tender.Number} "
                    + $"{tender.Species.CommonName}"
                    + $"{(tender.Hardened(today) < 1 ? ", not hardened off," : "")} survives "
                    + $"to {Quantity.WholeDegrees(tender.StandsC(today))}."
            ),
            first.Date,
            worst,
            Touched(hit),
            covered ? null : Tending.Covered,
            [
                $"Forecast low {Quantity.WholeDegrees(first.MinC)}, {Shelter(place)}"
                    + $"{(covered ? $", cover {Quantity.Difference(CoverK)} more" : "")} (our assumption).",
                Hardiness(tender, today),
            ]
        );
    }

    private static string Hardiness(OutPart part, DateOnly today) =>
        Text.Of(
            $"Seedlings of {part.Species.CommonName} {HardinessWords.Of(part.Species.Hardiness)}; this part is "
                + $"{100 * part.Hardened(today):0} % hardened off and "
                + $"survives to {Quantity.WholeDegrees(part.StandsC(today))} (our assumption)."
        );

    private static string Shelter(Place place) =>
        NightK(place.Kind) < 0
            ? $"{Quantity.Difference(-NightK(place.Kind))} less in the open on a clear night"
            : $"{Quantity.Difference(NightK(place.Kind))} more in {place.Kind.Words()}";

    private static OutWarning? Vent(Place place, List<OutPart> all, List<YardDay> ahead, DateTimeOffset now, double sunset)
    {
        var today = DateOnly.FromDateTime(now.DateTime);
        if (!IsUnderGlass(place.Kind) || ahead is not [var day, ..] || day.Date != today || now.Hour >= sunset - ShutBeforeH)
            return null;
        var closed = all.Where(p => p.Last(Tending.Vented) != today).ToList();
        return closed.Count == 0 || day.MaxC + GlassK < VentC
            ? null
            : new(
                OutWarningKind.Vent,
                $"Vent {place.InSentence} {(now.Hour < NoonH ? "before noon" : "now")}",
                Text.Of(
                    $"{Quantity.WholeDegrees(day.MaxC)} outdoors in the sun is about {Quantity.WholeDegrees(day.MaxC + GlassK)} inside."
                ),
                today,
                day.MaxC + GlassK,
                Touched(closed),
                Tending.Vented,
                [
                    $"Open at {Quantity.WholeDegrees(VentC)} (common practice, no source); under glass about {Quantity.Difference(GlassK)} "
                        + "more by day (our assumption).",
                ]
            );
    }

    private static OutWarning? Shut(Place place, List<OutPart> all, DateTimeOffset now, double sunset)
    {
        var open = all.Where(p => p.IsVented).ToList();
        var today = DateOnly.FromDateTime(now.DateTime);
        // one that was left open over night is asked for at once
        return
            !IsUnderGlass(place.Kind)
            || open.Count == 0
            || (now.Hour < sunset - ShutBeforeH && open.All(p => p.Last(Tending.Vented) == today))
            ? null
            : new(
                OutWarningKind.Shut,
                $"Shut {place.InSentence} before sunset",
                "It keeps the warmth of the day for the night.",
                today,
                null,
                Touched(open),
                Tending.Shut,
                [Text.Of($"Asked for {ShutBeforeH:0} h before sunset (our assumption); shut before sunset is common practice, no source.")]
            );
    }

    private static OutWarning? Heat(Place place, List<OutPart> all, List<YardDay> ahead, DateOnly today)
    {
        if (IsUnderGlass(place.Kind) || place.Kind == PlaceKind.Garage)
            return null;
        if (ahead.Where(d => d.Date <= today.AddDays(1) && d.MaxC >= HotC).Cast<YardDay?>().FirstOrDefault() is not { } hot)
            return null;
        var fresh = all.Count(p => p.IsFresh(today));
        return new(
            OutWarningKind.Heat,
            $"Heat: water {These(all)} early and shade them at noon",
            Text.Of(
                $"{Quantity.Weekday(hot.Date)}: {Quantity.WholeDegrees(hot.MaxC)}."
                    + $"{(fresh == 0 ? "" : Text.Of($" {fresh} of them planted within three weeks: their roots are still shallow."))}"
            ),
            hot.Date,
            hot.MaxC,
            Touched(all),
            null,
            [$"From {Quantity.WholeDegrees(HotC)} on (our assumption)."]
        );
    }

    private static OutWarning? Wind(Place place, List<OutPart> all, List<YardDay> ahead, DateOnly today)
    {
        if (place.Kind is PlaceKind.Greenhouse or PlaceKind.Garage)
            return null;
        if (
            ahead.Where(d => d.Date <= today.AddDays(2) && d.GustKmh >= YardWatch.BlowsOverKmh).Cast<YardDay?>().FirstOrDefault()
            is not { } windy
        )
            return null;
        var loose = all.Where(p => !(p.Last(Tending.Secured) >= today.AddDays(-3))).ToList();
        return loose.Count == 0
            ? null
            : new(
                OutWarningKind.Wind,
                place.Kind == PlaceKind.ColdFrame
                    ? $"Wind: fasten the lid of {place.InSentence}"
                    : $"Wind: weight or shelter {These(loose)}",
                Text.Of(
                    $"Gusts of {Quantity.Speed(windy.GustKmh!.Value)} on {Quantity.Weekday(windy.Date)}; "
                        + $"what is not hardened tears and dries."
                ),
                windy.Date,
                null,
                Touched(loose),
                Tending.Secured,
                [Text.Of($"From {Quantity.Speed(YardWatch.BlowsOverKmh)} on (our assumption).")]
            );
    }

    private static OutWarning? Swing(Place place, List<OutPart> all, List<YardDay> ahead, DateOnly today)
    {
        if (place.Kind == PlaceKind.Garage)
            return null;
        var soft = all.Where(p => p.Hardened(today) < 1).ToList();
        if (soft.Count == 0)
            return null;
        if (ahead.Where(d => d.Date <= today.AddDays(1) && d.MaxC - d.MinC >= SwingK).Cast<YardDay?>().FirstOrDefault() is not { } day)
            return null;
        return new(
            OutWarningKind.Swing,
            $"Cold night, warm day: shade {These(soft)} at noon",
            Text.Of(
                $"{Quantity.Weekday(day.Date)}: from {Quantity.WholeDegrees(day.MinC)} to {Quantity.WholeDegrees(day.MaxC)}; what is not "
                    + $"hardened off scorches after a cold night."
            ),
            day.Date,
            null,
            Touched(soft),
            null,
            [$"A swing of {Quantity.Difference(SwingK)} or more within a day (our assumption)."]
        );
    }

    private static OutWarning? Uncover(Place place, List<OutPart> all, List<YardDay> ahead, DateTimeOffset now)
    {
        var today = DateOnly.FromDateTime(now.DateTime);
        var covered = all.Where(p => p.IsCovered && p.Last(Tending.Covered) < today).ToList();
        var nights = Nights(ahead, now).Where(d => d.Date <= today.AddDays(2)).ToList();
        if (covered.Count == 0 || nights.Count == 0 || covered.Any(p => nights.Any(d => Inside(place, p, d) - CoverK <= p.StandsC(today))))
            return null;
        return new(
            OutWarningKind.Uncover,
            $"Uncover {These(covered)}: they need the light",
            Text.Of($"No night below {Quantity.WholeDegrees(nights.Min(d => d.MinC))} in the next days."),
            today,
            nights.Min(d => d.MinC),
            Touched(covered),
            Tending.BackOut,
            ["Covered until the nights ahead are milder than what stands there survives (our assumption)."]
        );
    }

    private static string These(List<OutPart> parts) =>
        parts is [var one] ? Text.Of($"B-{one.Number} {one.Species.CommonName}") : Text.Of($"these {parts.Count}");

    private static List<OutTouched> Touched(IEnumerable<OutPart> parts) =>
        [.. parts.Select(p => new OutTouched(p.Batch, p.Number, p.Part.Id))];
}
