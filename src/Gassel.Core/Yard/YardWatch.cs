using System.Globalization;
using Gassel.Core.Climate;
using Gassel.Core.Growing;
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
                $"{Moment(from)}: {covered}air inside down to {Quantity.WholeDegrees(worst)}"
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
        var (from, worst) = (c.Tale.Run.Hours[hot[0]].At, hot.Max(Inside));
        var to = c.Tale.Run.Hours[hot[^1]].At.AddHours(1);
        var outdoors = hot.Max(i => c.Tale.Run.Hours[i].TempC);
        var cook = worst >= ContainerWarnings.DamageC;
        var now = c.SettingAt(from).Cap;
        return new(
            cook ? YardWarningKind.CookRisk : YardWarningKind.OpenCaps,
            Text.Of(
                $"{Moment(from)}: {Quantity.WholeDegrees(worst)} inside at {Quantity.WholeDegrees(outdoors)} "
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
                        $"The night of {Day(night)} it was {Quantity.WholeDegrees(run.AirC[i])} inside, with "
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

    private static YardWarning? Flooded(YardContainer c, Sky sky)
    {
        if (
            c.Part.Checks is not [.., { Moisture: Moisture.Dripping } last]
            || c.Part.Tended.Any(t => t.What == Tending.Drained && t.On >= last.On)
        )
            return null;
        return new(
            YardWarningKind.Flooded,
            Text.Of($"Found dripping on {Day(last.On)}: check that its holes drain, and tip the water off. Drowned seed rots."),
            null,
            null,
            null,
            [Tending.Drained]
        );
    }

    private static YardWarning? Dry(YardContainer c, Sky sky)
    {
        var watered = c.Part.Tended.LastOrDefault(t => t.What == Tending.Watered);
        var day = sky.On(sky.Date);
        if (c.Setup.NeedsDailyWater)
        {
            var frozen = c.Tale.Days.LastOrDefault(d => d.Inside.Date <= sky.Date).Inside.MediumMaxC <= 0;
            return frozen || watered.On == sky.Date
                ? null
                : new(
                    YardWarningKind.Dry,
                    Text.Of(
                        $"{(c.Setup.Drains ? "Watered" : "Kept without holes and watered")} daily: a little water "
                            + $"today, none where it stands wet."
                    ),
                    null,
                    null,
                    null,
                    [Tending.Watered]
                );
        }
        var looked = c.Part.Checks.Where(k => k.Moisture != Moisture.Dry).Select(k => k.On).DefaultIfEmpty(c.Part.SownOn ?? sky.Date).Max();
        var capped = c.SettingAt(sky.At).Cap is CapPosition.On;
        var since = Days.Later(looked, watered.On == default ? looked : watered.On);
        foreach (var past in sky.Back(60))
        {
            // rain comes in where the cap is off; snow waters as it melts
            if (!capped && past.Date > since && (past.Wet == true || past is { SnowCm: > 0, MaxC: > 0 }))
                since = past.Date;
        }
        var days = sky.Date.DayNumber - since.DayNumber;
        if (days < DryAfterDays || day is null)
            return null;
        var mean = sky.Back(days).Select(d => d.MeanC).DefaultIfEmpty(0).Average();
        return mean < DriesAboveC
            ? null
            : new(
                YardWarningKind.Dry,
                Text.Of(
                    $"No water for {days} days, since {Day(since)}, at a mean of {Quantity.WholeDegrees(mean)}"
                        + $"{(capped ? ", and its cap is on" : "")}. Lift it; water it if it is light."
                ),
                null,
                null,
                null,
                [Tending.Watered]
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

    private static YardWarning? BackOut(YardContainer c, Sky sky)
    {
        var shelter = c.SettingAt(sky.At).Shelter;
        if (shelter == Shelter.None)
            return null;
        // what stands outdoors gets about the night sky less than the air
        var kill = c.KillC(sky.Date) ?? c.Tale.Need.KillC;
        var ahead = sky.Ahead(3).ToList();
        if (ahead.Count == 0 || ahead.Min(d => d.MinC) - 3 <= kill)
            return null;
        return new(
            YardWarningKind.BackOut,
            Text.Of(
                $"No night below {Quantity.WholeDegrees(ahead.Min(d => d.MinC))} in the next days: "
                    + $"{(shelter == Shelter.Covered ? "uncover it; seedlings need the light"
                        : "carry it out again; in the warm seedlings stretch")}."
            ),
            null,
            null,
            null,
            [Tending.BackOut]
        );
    }

    private static YardWarning? OpenByDegrees(YardContainer c, Sky sky)
    {
        if (c.Part.Standing <= 0 || !c.Setup.HasLid || c.SettingAt(sky.At) is not { Cap: not CapPosition.Open, Shelter: Shelter.None })
            return null;
        var ahead = sky.Ahead(6).ToList();
        if (ahead.Count(d => d.MaxC >= OpenTopsC) < 3 || ahead.Any(d => d.MinC - 3 <= c.KillC(sky.Date)))
            return null;
        return new(
            YardWarningKind.OpenByDegrees,
            Text.Of(
                $"Seedlings are up, days reach {Quantity.WholeDegrees(ahead.Max(d => d.MaxC))} and no killing night is in sight: "
                    + $"open the top a little more each day for a week, an hour or two at first."
            ),
            null,
            null,
            null,
            [Tending.TopOpen]
        );
    }

    private static YardWarning? Mulch(YardContainer c, Sky sky)
    {
        // the rest is a matter of days, not of weather: it is due work
        if (!c.Setup.IsStrawed || c.Part.Tended.Any(t => t.What is Tending.MulchMostOff or Tending.MulchRestOff))
            return null;
        var week = sky.Back(7).ToList();
        return week.Count < 7 || week.Average(d => d.MeanC) < MulchOffC
            ? null
            : new(
                YardWarningKind.MulchMostOff,
                Text.Of(
                    $"The last week's mean was {Quantity.WholeDegrees(week.Average(d => d.MeanC))}: take three quarters of the "
                        + $"straw off, the rest in a month."
                ),
                null,
                null,
                null,
                [Tending.MulchMostOff]
            );
    }

    private static YardWarning? Feed(YardContainer c, Sky sky)
    {
        if (c.Part.Standing <= 0 || Feeding.Next(c.Part, c.Species, c.Setup.Mix) is not { } feeding || sky.Date < feeding.On)
            return null;
        return new(
            YardWarningKind.Feed,
            Text.Of($"{feeding.Why} Feed weakly, by the label, on moist mix."),
            null,
            null,
            null,
            [Tending.Fed]
        );
    }

    private static YardWarning? LateForCold(YardContainer c, Sky sky)
    {
        if (!c.Tale.IsLateForCold || c.Part.Emerged > 0)
            return null;
        var so = c.Tale.Days.LastOrDefault(d => d.Inside.Date < sky.Date).Cold;
        return new(
            YardWarningKind.LateForCold,
            Text.Of(
                $"{so:0} of {c.Tale.Need.ColdDays:0} days of cold so far, and the warmth comes about "
                    + $"{Day(c.Tale.WarmthFrom!.Value)}: few may come up before next "
                    + $"spring.{(c.SettingAt(sky.At).Exposure == Exposure.Shade ? "" : " Shade holds the cold longer.")}"
            ),
            null,
            null,
            null,
            []
        );
    }

    private static string Moment(DateTimeOffset at) => Quantity.Moment(at);

    private static string Day(DateOnly day) => Quantity.Weekday(day);

    private static string Seedlings(int n) => n == 1 ? "its one seedling" : Text.Of($"its {n} seedlings");

    private static string Round(double value) => Math.Round(value).ToString("0", CultureInfo.InvariantCulture).Replace('-', '−');
}
