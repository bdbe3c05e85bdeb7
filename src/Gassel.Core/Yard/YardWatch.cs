using System.Globalization;
using Gassel.Core.Climate;
using Gassel.Core.Record;

namespace Gassel.Core.Yard;

/// <summary>
/// What the weather and the record ask of containers in the yard. One rule to a warning; each sees one container, the weather, and the
/// moment. A pure
/// function: what was done about a warning changes what it sees.
/// </summary>
public static partial class YardWatch
{
    /// <summary>Seedlings are just up for so many days (our assumption).</summary>
    public const int JustUpDays = 7;

    /// <summary>So far ahead a freeze is warned of, days (our assumption: an outlook is worth little beyond).</summary>
    public const int FreezeAheadDays = 4;

    /// <summary>From this hour on the air falls towards the low of the next day.</summary>
    private const int EveningFrom = 15;

    /// <summary>Heat is a matter of today and tomorrow, days.</summary>
    private const int HeatAheadDays = 1;

    /// <summary>Wind from which light containers blow over, km/h (our assumption).</summary>
    public const double BlowsOverKmh = 60;

    /// <summary>Tops are opened when days reach this (common practice, no source: 10–15 °C).</summary>
    public const double OpenTopsC = 10;

    /// <summary>Without rain, water or a good look for so long the mix may be dry, days (our assumption).</summary>
    public const int DryAfterDays = 10;

    /// <summary>Under this the mix does not dry, °C, mean of the days (our assumption).</summary>
    private const double DriesAboveC = 3;

    /// <summary>Mulch comes off when a week's mean reaches this (our assumption for "early spring").</summary>
    public const double MulchOffC = 3;

    /// <summary>A freeze is looked back on for so long, days.</summary>
    private const int SurvivorsDays = 10;

    /// <param name="weather">From the day it was set out on.</param>
    /// <param name="now">At the site.</param>
    public static IReadOnlyList<YardWarning> Of(YardContainer container, IReadOnlyList<YardDay> weather, DateTimeOffset now)
    {
        var sky = new Sky(weather, now);
        return [.. Rules.Select(rule => rule(container, sky)).OfType<YardWarning>().OrderBy(w => w.Kind)];
    }

    /// <summary>
    /// What the days ahead ask of a container whose past nobody knows: only its air is told, from the forecast alone, and the doubt is
    /// said with it.
    /// </summary>
    public static IReadOnlyList<YardWarning> Ahead(YardContainer container, IReadOnlyList<YardDay> weather, DateTimeOffset now)
    {
        var sky = new Sky(weather, now);
        return
        [
            .. RulesAhead
                .Select(rule => rule(container, sky))
                .OfType<YardWarning>()
                .OrderBy(w => w.Kind)
                .Select(w => w with { Reason = $"{w.Reason} Estimated from the forecast alone." }),
        ];
    }

    private static readonly Func<YardContainer, Sky, YardWarning?>[] RulesAhead = [FreezeComing, Heat, CapTonight, Wind];

    private static readonly Func<YardContainer, Sky, YardWarning?>[] Rules =
    [
        FreezeComing,
        Heat,
        CountSurvivors,
        CapTonight,
        Flooded,
        Dry,
        Wind,
        BackOut,
        OpenByDegrees,
        Mulch,
        Feed,
        LateForCold,
    ];

    private sealed record Sky(IReadOnlyList<YardDay> Weather, DateTimeOffset At)
    {
        public DateOnly Date => DateOnly.FromDateTime(At.DateTime);

        public YardDay? On(DateOnly day) =>
            Weather.Count == 0 || day < Weather[0].Date || day > Weather[^1].Date
                ? null
                : Weather[day.DayNumber - Weather[0].Date.DayNumber];

        /// <summary>Days of the outlook, today first.</summary>
        public IEnumerable<YardDay> Ahead(int days) =>
            Enumerable.Range(0, days + 1).Select(i => On(Date.AddDays(i))).OfType<YardDay>().Where(d => d.Source != YardDaySource.Typical);

        /// <summary>The days up to yesterday, the last first.</summary>
        public IEnumerable<YardDay> Back(int days) => Enumerable.Range(1, days).Select(i => On(Date.AddDays(-i))).OfType<YardDay>();

        /// <summary>Hours of a run from now on for so many days, outlook only.</summary>
        public IEnumerable<int> HoursAhead(ContainerRun run, int days)
        {
            var until = At.AddDays(days);
            for (var i = FirstHour(run, At); i < run.Hours.Count && run.Hours[i].At <= until; i++)
            {
                if (On(run.Hours[i].Date) is { Source: not YardDaySource.Typical })
                    yield return i;
            }
        }

        /// <summary>The evening of the last day told hangs on a low that nobody told yet.</summary>
        public bool IsTold(ContainerHour hour) =>
            hour.At.Hour < EveningFrom || On(hour.Date.AddDays(1)) is { Source: not YardDaySource.Typical };

        public static int FirstHour(ContainerRun run, DateTimeOffset at) =>
            Math.Max(0, (int)Math.Ceiling((at - run.Hours[0].At).TotalHours));
    }

    private static YardWarning? FreezeComing(YardContainer c, Sky sky)
    {
        if (c.KillC(sky.Date) is not { } kill)
            return null;
        var cold = sky.HoursAhead(c.Tale.Run, FreezeAheadDays)
            .Where(i => c.Tale.Run.AirC[i] <= kill && sky.IsTold(c.Tale.Run.Hours[i]))
            .ToList();
        if (cold.Count == 0)
            return null;
        var (from, to) = (c.Tale.Run.Hours[cold[0]].At, c.Tale.Run.Hours[cold[^1]].At.AddHours(1));
        var worst = cold.Min(i => c.Tale.Run.AirC[i]);
        var nights = cold.Select(i => c.Tale.Run.Hours[i].At.AddHours(-12).Date).Distinct().Count();
        var shelter = c.SettingAt(sky.At).Shelter;
        var covered = shelter == Shelter.Covered ? "covered, and still " : "";
        var just = kill > c.Tale.Need.KillC ? "newly emerged " : "";
        return new(
            YardWarningKind.FreezeComing,
            Text.Of(
                $"{Moment(from)}: {covered}air inside down to {Inside(c, cold.MinBy(i => c.Tale.Run.AirC[i]), worst)}"
                    + $"{(nights > 1 ? Text.Of($" in {nights} nights") : "")}; {just}seedlings survive to {Quantity.WholeDegrees(kill)}."
            ),
            from,
            to,
            worst,
            shelter == Shelter.Covered ? [Tending.CarriedIn] : [Tending.Covered, Tending.CarriedIn]
        );
    }

    private static YardWarning? Heat(YardContainer c, Sky sky)
    {
        if (!c.Setup.HasLid)
            return null;
        var limit = c.IsCool ? ContainerWarnings.CoolStopC : ContainerWarnings.OpenC;
        var until = sky.Date.AddDays(HeatAheadDays + 1);
        double Inside(int i) => Math.Max(c.Tale.Run.AirC[i], c.Tale.Run.MediumC[i]);
        var hot = sky.HoursAhead(c.Tale.Run, HeatAheadDays + 1).Where(i => c.Tale.Run.Hours[i].Date < until && Inside(i) >= limit).ToList();
        if (hot.Count == 0)
            return null;
        var (from, worst, hottest) = (c.Tale.Run.Hours[hot[0]].At, hot.Max(Inside), hot.MaxBy(Inside));
        var told = YardWatch.Inside(c, hottest, worst, c.Tale.Run.AirC[hottest] >= c.Tale.Run.MediumC[hottest]);
        var to = c.Tale.Run.Hours[hot[^1]].At.AddHours(1);
        var outdoors = hot.Max(i => c.Tale.Run.Hours[i].TempC);
        var cook = worst >= ContainerWarnings.DamageC;
        var now = c.SettingAt(from).Cap;
        return new(
            cook ? YardWarningKind.CookRisk : YardWarningKind.OpenCaps,
            Text.Of(
                $"{Moment(from)}: {told} inside at {Quantity.WholeDegrees(outdoors)} "
                    + $"outdoors{(cook ? $"; from {Quantity.WholeDegrees(ContainerWarnings.DamageC)} seed and seedlings are hurt" : c.IsCool
                        ? $"; kinds that come up in the cool stop at {Quantity.WholeDegrees(ContainerWarnings.CoolStopC)}" : "")}."
            ),
            from,
            to,
            worst,
            now == CapPosition.Open ? []
                : now == CapPosition.On && !cook ? [Tending.CapOff, Tending.TopOpen]
                : [Tending.TopOpen]
        );
    }

    private static YardWarning? CountSurvivors(YardContainer c, Sky sky)
    {
        if (c.Part.Standing <= 0)
            return null;
        var run = c.Tale.Run;
        var first = Sky.FirstHour(run, sky.At.AddDays(-SurvivorsDays));
        for (var i = Math.Min(Sky.FirstHour(run, sky.At), run.Hours.Count) - 1; i >= first; i--)
        {
            var night = run.Hours[i].Date;
            if (run.AirC[i] > c.Tale.Need.KillC || !(c.Part.FirstUpOn < night))
                continue;
            return c.Part.Counts.Any(n => n.On > night)
                ? null
                : new(
                    YardWarningKind.CountSurvivors,
                    Text.Of(
                        $"The night of {Day(night)} it was {Inside(c, i, run.AirC[i])} inside, with "
                            + $"{Seedlings(c.Part.Standing)} up. Count the survivors."
                    ),
                    run.Hours[i].At,
                    null,
                    run.AirC[i],
                    []
                );
        }
        return null;
    }

    private static YardWarning? CapTonight(YardContainer c, Sky sky)
    {
        if (
            c.Setup.Care != CareStyle.CapOnAtNight
            || !c.Setup.HasLid
            || c.Part.Standing <= 0
            || c.SettingAt(sky.At).Cap is not (CapPosition.Off or CapPosition.Open)
        )
            return null;
        var night = sky.HoursAhead(c.Tale.Run, 1).Where(i => !c.Tale.Run.Hours[i].SunUp).ToList();
        var coldest = night.Count == 0 ? double.PositiveInfinity : night.Min(i => c.Tale.Run.Hours[i].TempC);
        return coldest > 2
            ? null
            : new(
                YardWarningKind.CapTonight,
                Text.Of(
                    $"{Quantity.WholeDegrees(coldest)} outdoors tonight, and its top is "
                        + $"{(c.SettingAt(sky.At).Cap == CapPosition.Open ? "open" : "off")}. A cap gives about a degree."
                ),
                null,
                null,
                coldest,
                [Tending.TopAsUsual]
            );
    }

    private static YardWarning? Wind(YardContainer c, Sky sky)
    {
        if (c.Setup.Kind is ContainerPreset.Pot or ContainerPreset.ColdFrame || c.SettingAt(sky.At).Shelter == Shelter.CarriedIn)
            return null;
        if (sky.Ahead(2).Where(d => d.GustKmh >= BlowsOverKmh).Cast<YardDay?>().FirstOrDefault() is not { } windy)
            return null;
        if (c.Part.Tended.Any(t => t.What == Tending.Secured))
            return null;
        return new(
            YardWarningKind.Wind,
            Text.Of($"Gusts of {Quantity.Speed(windy.GustKmh!.Value)} on {Day(windy.Date)}: light containers blow over. Weight or tie it."),
            null,
            null,
            null,
            [Tending.Secured]
        );
    }

    /// <summary>As far as it is known: between two ends where these are told apart in whole degrees.</summary>
    private static string Inside(YardContainer c, int hour, double tempC, bool isAir = true)
    {
        return (isAir ? c.Band?.AirAt(hour) : c.Band?.MediumAt(hour)) is { } band && Math.Round(band.LowC) != Math.Round(band.HighC)
            ? Text.Of($"between {Quantity.WholeDegrees(band.LowC)} and {Quantity.WholeDegrees(band.HighC)}")
            : Quantity.WholeDegrees(tempC);
    }

    private static string Moment(DateTimeOffset at) => Quantity.Moment(at);

    private static string Day(DateOnly day) => Quantity.Weekday(day);

    private static string Seedlings(int n) => n == 1 ? "its one seedling" : Text.Of($"its {n} seedlings");

    private static string Round(double value) => Math.Round(value).ToString("0", CultureInfo.InvariantCulture).Replace('-', '−');
}
