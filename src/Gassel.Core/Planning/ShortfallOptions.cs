using Gassel.Core.Record;
using Gassel.Core.Treatments;

namespace Gassel.Core.Planning;

/// <summary>What can still be done when the usual start of a schedule is past.</summary>
internal static class ShortfallOptions
{
    /// <summary>Hardening off is cut last and not below this many days (common practice, no source).</summary>
    private const int LeastHardening = 7;

    public static IReadOnlyList<ShortfallOption> For(
        Anchor anchor,
        int anchorAt,
        DateOnly today,
        int shortfall,
        IReadOnlyList<ScheduleStep> steps
    )
    {
        var options = new List<ShortfallOption> { Shorten(anchorAt, today, shortfall, steps) };
        if (steps.Take(anchorAt).Any(s => s.Optional))
            options.Add(SkipOptional(anchor, anchorAt, today, steps));
        options.Add(MoveTarget(today, shortfall, steps));
        options.Add(NextSeason(anchor, anchorAt, today, steps));
        return options;
    }

    private static ShortfallOption Shorten(int anchorAt, DateOnly today, int shortfall, IReadOnlyList<ScheduleStep> steps)
    {
        var cuts = new int[steps.Count];
        var room = Enumerable.Range(0, steps.Count).Select(i => i < anchorAt ? Room(steps[i]) : 0).ToArray();
        var ordinary = room.Select((r, i) => steps[i].Kind == StepKind.HardenOff ? 0 : r).ToArray();
        var left = shortfall - Share(shortfall, ordinary, cuts);
        var hardening = room.Select((r, i) => steps[i].Kind == StepKind.HardenOff ? r : 0).ToArray();
        left -= Share(left, hardening, cuts);

        var laid = LayForward(today, steps.Select((s, i) => s.Days.Usual - cuts[i]).ToArray(), steps);
        var cutTotal = cuts.Sum();
        var note = (left, cutTotal) switch
        {
            (0, _) => Text.Of($"Cut by {cutTotal} days in proportion to usual minus shortest."),
            (_, 0) => "Nothing between today and the target can be shortened.",
            _ => Text.Of($"Even at its shortest it is {left} days late. Below the shortest expect few."),
        };
        return new(ShortfallOptionKind.Shorten, left == 0, today, laid[^1].End, laid, note);
    }

    /// <summary>Days a step may lose: nobody hurries germination, and hardening keeps its week.</summary>
    private static int Room(ScheduleStep step) =>
        step.Kind switch
        {
            StepKind.Germinate => 0,
            StepKind.HardenOff => Math.Max(0, step.Days.Usual - Math.Max(step.Days.Shortest, LeastHardening)),
            _ => step.Days.Usual - step.Days.Shortest,
        };

    /// <summary>
    /// Adds whole-day cuts in proportion to the room, by largest remainder, ties to the earlier step. Returns what was cut.
    /// </summary>
    private static int Share(int wanted, int[] room, int[] cuts)
    {
        var total = room.Sum();
        if (wanted <= 0 || total == 0)
            return 0;
        var take = Math.Min(wanted, total);
        // take ≤ total, so no share exceeds its room and a remainder only goes where room is left
        var floors = room.Select(r => (int)((long)take * r / total)).ToArray();
        var byRemainder = Enumerable
            .Range(0, room.Length)
            .OrderByDescending(i => (long)take * room[i] % total)
            .ThenBy(i => i)
            .Take(take - floors.Sum())
            .ToHashSet();
        for (var i = 0; i < room.Length; i++)
            cuts[i] += floors[i] + (byRemainder.Contains(i) ? 1 : 0);
        return take;
    }

    private static ShortfallOption SkipOptional(Anchor anchor, int anchorAt, DateOnly today, IReadOnlyList<ScheduleStep> steps)
    {
        var days = steps.Select((s, i) => i < anchorAt && s.Optional ? 0 : s.Days.Usual).ToArray();
        var usualStart = anchor.Date.AddDays(-days.Take(anchorAt).Sum());
        var possible = usualStart >= today;
        var laid = LayForward(possible ? usualStart : today, days, steps);
        var skipped = string.Join(", ", steps.Take(anchorAt).Where(s => s.Optional).Select(s => s.Kind.Words()));
        return new(
            ShortfallOptionKind.SkipOptional,
            possible,
            laid[0].Start,
            laid[^1].End,
            laid,
            (possible ? $"Leaves out: {skipped}." : $"Leaving out {skipped} is not enough; if started today, it is late.")
                + PlantsAlone(steps.Take(anchorAt))
        );
    }

    /// <summary>A late starter gives the cold for flowering to the plants alone, and is told what that risks.</summary>
    private static string PlantsAlone(IEnumerable<ScheduleStep> steps) =>
        steps.Any(s => s is { Kind: StepKind.SeedVernalization, Optional: true })
            ? " The plants alone get cold for flowering: fewer may flower, or later; a frosty night may hurt them, and "
                + "heat soon after may undo it."
            : "";

    private static ShortfallOption MoveTarget(DateOnly today, int shortfall, IReadOnlyList<ScheduleStep> steps)
    {
        var laid = LayForward(today, steps.Select(s => s.Days.Usual).ToArray(), steps);
        return new(
            ShortfallOptionKind.MoveTarget,
            true,
            today,
            laid[^1].End,
            laid,
            Text.Of($"Start today with usual durations; the target moves {shortfall} days.")
        );
    }

    private static ShortfallOption NextSeason(Anchor anchor, int anchorAt, DateOnly today, IReadOnlyList<ScheduleStep> steps)
    {
        var back = steps.Take(anchorAt).Sum(s => s.Days.Usual);
        var years = 1;
        // AddYears from the first anchor turns 29 February into 28 only where the year has none
        while (anchor.Date.AddYears(years).AddDays(-back) < today)
            years++;
        var laid = LayForward(anchor.Date.AddYears(years).AddDays(-back), steps.Select(s => s.Days.Usual).ToArray(), steps);
        return new(
            ShortfallOptionKind.NextSeason,
            true,
            laid[0].Start,
            laid[^1].End,
            laid,
            Text.Of($"Keep the seed dry and cool; the target moves {years} {(years == 1 ? "year" : "years")}.")
        );
    }

    private static List<OptionStep> LayForward(DateOnly start, int[] days, IReadOnlyList<ScheduleStep> steps)
    {
        var laid = new List<OptionStep>(days.Length);
        for (var i = 0; i < days.Length; i++)
        {
            var end = start.AddDays(days[i]);
            laid.Add(new(steps[i].Kind, days[i], start, end));
            start = end;
        }
        return laid;
    }
}
