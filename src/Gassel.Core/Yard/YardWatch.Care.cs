using Gassel.Core.Growing;
using Gassel.Core.Record;

namespace Gassel.Core.Yard;

/// <summary>What a container asks for day by day, beside the dangers of the weather: water, food, its top and its straw.</summary>
public static partial class YardWatch
{
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
}
