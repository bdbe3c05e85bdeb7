using Gassel.Core.Fold;
using Gassel.Core.Record;
using Gassel.Core.Treatments;

namespace Gassel.Core.Planning;

/// <summary>
/// Plans a part anew from its entries and the route: what is past is fixed, the open step has what is left of its days, the rest follows. A
/// pure
/// function; nothing is kept but the entries.
/// </summary>
public static class Replan
{
    /// <param name="plan">With the last way taken on, if there was one.</param>
    /// <param name="startOn">Another first day for a part that has not begun; null for the plan's.</param>
    public static PartOutlook For(BatchPlan plan, PartState part, DateOnly today, DateOnly? startOn = null)
    {
        var open = part.Open;
        var at = open?.Step ?? part.LastStep ?? -1;
        var ahead = new List<int>();
        if (open is not null)
            ahead.Add(open.Step);
        for (var next = plan.NextStep(at); next is { } step; next = plan.NextStep(step))
            ahead.Add(step);

        var left = ahead.Select(i => Left(plan.Steps[i], i == open?.Step ? part.DaysIn(plan, today) : 0)).ToList();
        var from = From(plan, part, today, startOn);
        var boundaries = new List<DateWindow> { from };
        foreach (var (step, days) in ahead.Zip(left))
        {
            var b = boundaries[^1];
            boundaries.Add(
                ByWeather(plan, part, step, today)
                    ?? new(b.Earliest.AddDays(days.Shortest), b.Usual.AddDays(days.Usual), b.Latest.AddDays(days.Longest))
            );
        }
        var steps = ahead
            .Select(
                (i, k) =>
                    new StepOutlook(
                        i,
                        plan.Steps[i].Step.Kind,
                        i == open?.Step ? new(open.Start, open.Start, open.Start) : boundaries[k],
                        boundaries[k + 1]
                    )
            )
            .ToList();
        var finish = boundaries[^1];
        var sow = steps.FirstOrDefault(s => s.Step == plan.GerminateStep && s.Step != open?.Step)?.Start;

        var aim = Aim(plan, part, sow, finish);
        var late = aim is { } a ? Math.Max(0, a.Usual.DayNumber - plan.Anchor.Date.DayNumber) : 0;
        var inReach = aim is not { } reach || reach.Earliest <= plan.Anchor.Date;
        var moved = finish.Usual.DayNumber - plan.Finish.DayNumber;
        var choices = late > 0 ? Choices(plan, part, today, ahead, left) : [];
        return new(
            part.Id,
            steps,
            sow,
            finish,
            moved,
            plan.Anchor.Date,
            late,
            inReach,
            Changes(plan, part, today, moved, finish.Usual, inReach),
            choices,
            [
                .. part.Outdoors is { } sky
                    ?
                    [
                        $"Outdoors, cold and emergence follow the container model and the weather known: first "
                            + $"seedlings about {Quantity.Day(sky.From)}, most by {Quantity.Day(sky.To)}.",
                    ]
                    : Array.Empty<string>(),
                "What happened is fixed; the open step has what is left of its planned days; every later step follows "
                    + "with its own (common practice, no source).",
                Text.Of(
                    $"Counted from {Quantity.Day(from.Usual)}: "
                        + $"{string.Join(", ", ahead.Zip(left, (i, d) => LeftWords(plan.Steps[i].Step, d)))} "
                        + $"days still to go."
                ),
            ]
        );
    }

    /// <summary>
    /// Outdoors the weather ends the cold with the first seedlings, and the emergence, and moves the end of hardening off; null for any
    /// other step, and where no weather is known.
    /// </summary>
    private static DateWindow? ByWeather(BatchPlan plan, PartState part, int step, DateOnly today)
    {
        if (step == part.Open?.Step && part.HardenedOn is { } hardened && hardened > today)
            return new(hardened, hardened, hardened);
        if (part.Outdoors is not { } sky || plan.GerminateStep is not { } germinate)
            return null;
        DateOnly Ahead(DateOnly day) => day > today ? day : today;
        return step == germinate ? new(Ahead(sky.Half), Ahead(sky.To), Ahead(sky.To))
            : plan.NextStep(step) == germinate ? new(Ahead(sky.From), Ahead(sky.From), Ahead(sky.Half))
            : null;
    }

    /// <summary>Where the counting begins: today under way, the planned start before.</summary>
    private static DateWindow From(BatchPlan plan, PartState part, DateOnly today, DateOnly? startOn)
    {
        if (part.Spans.Count > 0)
            return new(today, today, today);
        if (startOn is { } day)
            return new(day, day, day);
        var usual = Core.Days.Later(today, plan.Start);
        return new(
            Core.Days.Later(today, plan.EarliestStart < usual ? plan.EarliestStart : usual),
            usual,
            Core.Days.Later(usual, plan.LatestStart)
        );
    }

    private static DurationRange Left(PlannedStep step, int elapsed)
    {
        int Rest(int days) => Math.Max(0, days - elapsed);
        var usual = Rest(step.PlannedDays);
        return new(Math.Min(Rest(step.Step.Days.Shortest), usual), usual, Math.Max(Rest(step.Step.Days.Longest), usual));
    }

    /// <summary>When what is aimed at comes; null once it is past.</summary>
    private static DateWindow? Aim(BatchPlan plan, PartState part, DateWindow? sow, DateWindow finish) =>
        plan.Anchor.Event switch
        {
            AnchorEvent.PlantOut => part.IsDone(plan) ? null : finish,
            AnchorEvent.Sow => sow,
            _ => null,
        };

    private static List<ShortfallOption> Choices(BatchPlan plan, PartState part, DateOnly today, List<int> ahead, List<DurationRange> left)
    {
        var schedule = Scheduler.Plan(
            plan.Anchor,
            today,
            [
                .. ahead.Zip(left, (i, days) =>
                    new ScheduleStep(plan.Steps[i].Step.Kind, days, plan.Steps[i].Step.Optional && i != part.Open?.Step)
                ),
            ]
        );
        // seed that lies moist cannot be kept for next season
        return [.. schedule.Options.Where(o => part.Spans.Count == 0 || o.Kind != ShortfallOptionKind.NextSeason)];
    }

    /// <summary>The entry by which a choice is taken on; null where it is not there or not possible.</summary>
    public static Replanned? Take(BatchPlan plan, PartState part, DateOnly today, ShortfallOptionKind choice)
    {
        var outlook = For(plan, part, today);
        if (outlook.Choices.FirstOrDefault(c => c.Kind == choice) is not { Possible: true } option)
            return null;
        var elapsed = part.DaysIn(plan, today);
        var steps = outlook
            .Steps.Zip(option.Steps, (s, o) => new ReplannedStep(s.Step, o.Days + (s.Step == part.Open?.Step ? elapsed : 0)))
            .ToList();
        var target =
            plan.Anchor.Event == AnchorEvent.Sow
                ? option.Steps[outlook.Steps.TakeWhile(s => s.Step != plan.GerminateStep).Count()].Start
                : option.Finish;
        return new(steps, choice is ShortfallOptionKind.Shorten or ShortfallOptionKind.SkipOptional ? plan.Anchor.Date : target);
    }

    private static List<string> Changes(BatchPlan plan, PartState part, DateOnly today, int moved, DateOnly finish, bool inReach)
    {
        var changes = new List<string>();
        foreach (var span in part.Spans)
        {
            var days = span.Start.DayNumber - plan.Steps[span.Step].Start.DayNumber;
            if (days != 0)
                changes.Add(
                    $"{Text.Capital(plan.Steps[span.Step].Step.Kind.Words())} began {Days(days)} than planned, on "
                        + $"{Quantity.Day(span.Start)}."
                );
        }
        if (part.Open is { } open)
        {
            var longest = open.Start.AddDays(plan.Steps[open.Step].Step.Days.Longest);
            if (today > longest)
                changes.Add($"{Text.Capital(plan.Steps[open.Step].Step.Kind.Words())} has overrun since {Quantity.Day(longest)}.");
        }
        if (moved != 0)
            changes.Add($"Plants {Days(moved)} than planned: {Quantity.Day(finish)} instead of {Quantity.Day(plan.Finish)}.");
        if (!inReach)
            changes.Add($"The target of {Quantity.Day(plan.Anchor.Date)} is out of reach, even with every step at its shortest.");
        return changes;
    }

    private static string Days(int days) =>
        Text.Of($"{Math.Abs(days)} {(Math.Abs(days) == 1 ? "day" : "days")} {(days > 0 ? "later" : "earlier")}");

    private static string LeftWords(RouteStep step, DurationRange days) =>
        $"{step.Kind.Words()} {days.Shortest}–{days.Usual}–{days.Longest}";
}
