using Gassel.Core.Record;
using Gassel.Core.Treatments;

namespace Gassel.Core.Planning;

/// <summary>
/// Counts a route back from its anchor, or forward to it. A window comes from the durations alone: backwards the earliest day
/// uses the longest of every step still to come, the latest the shortest; forwards it is the other way round.
/// </summary>
public static class Scheduler
{
    /// <exception cref="ArgumentException">No steps, durations out of order, or a sow anchor without exactly one germinate
    /// step.</exception>
    public static Schedule Plan(Anchor anchor, DateOnly today, IReadOnlyList<ScheduleStep> steps)
    {
        if (steps.Count == 0)
            throw new ArgumentException("a schedule needs at least one step", nameof(steps));
        if (steps.Any(s => !s.Days.IsOrdered))
            throw new ArgumentException("durations must be 0 ≤ shortest ≤ usual ≤ longest", nameof(steps));
        var anchorAt = AnchorBoundary(anchor.Event, steps);

        var boundaries = Enumerable.Range(0, steps.Count + 1).Select(i => Boundary(i, anchorAt, anchor.Date, steps)).ToList();
        var scheduled = steps.Select((s, i) => new ScheduledStep(s.Kind, boundaries[i], boundaries[i + 1])).ToList();
        var start = boundaries[0];
        var shortfall = Math.Max(0, today.DayNumber - start.Usual.DayNumber);
        var options = shortfall > 0 ? ShortfallOptions.For(anchor, anchorAt, today, shortfall, steps) : [];
        return new Schedule(
            scheduled,
            start,
            boundaries[^1],
            start.Latest >= today,
            shortfall,
            options,
            Working(anchor, today, steps, start, shortfall)
        );
    }

    /// <summary>The boundary that the anchor fixes: 0 is the start of the first step, <c>steps.Count</c> the end of the last.</summary>
    internal static int AnchorBoundary(AnchorEvent anchorEvent, IReadOnlyList<ScheduleStep> steps)
    {
        switch (anchorEvent)
        {
            case AnchorEvent.Start:
                return 0;
            case AnchorEvent.PlantOut:
                return steps.Count;
            default:
                var sowings = Enumerable.Range(0, steps.Count).Where(i => steps[i].Kind == StepKind.Germinate).ToList();
                return sowings.Count == 1
                    ? sowings[0]
                    : throw new ArgumentException("a sow anchor needs exactly one germinate step", nameof(steps));
        }
    }

    private static DateWindow Boundary(int boundary, int anchorAt, DateOnly date, IReadOnlyList<ScheduleStep> steps)
    {
        if (boundary <= anchorAt)
        {
            var between = steps.Skip(boundary).Take(anchorAt - boundary).ToList();
            return new(
                date.AddDays(-between.Sum(s => s.Days.Longest)),
                date.AddDays(-between.Sum(s => s.Days.Usual)),
                date.AddDays(-between.Sum(s => s.Days.Shortest))
            );
        }
        var after = steps.Skip(anchorAt).Take(boundary - anchorAt).ToList();
        return new(
            date.AddDays(after.Sum(s => s.Days.Shortest)),
            date.AddDays(after.Sum(s => s.Days.Usual)),
            date.AddDays(after.Sum(s => s.Days.Longest))
        );
    }

    private static List<string> Working(Anchor anchor, DateOnly today, IReadOnlyList<ScheduleStep> steps, DateWindow start, int shortfall)
    {
        var lines = new List<string>
        {
            anchor.Event switch
            {
                AnchorEvent.Start => $"Counted forwards from the start on {Quantity.Day(anchor.Date)}.",
                AnchorEvent.Sow => $"Sowing fixed on {Quantity.Day(anchor.Date)}: counted back before it, forwards after it.",
                _ => $"Counted back from planting out on {Quantity.Day(anchor.Date)}.",
            },
        };
        lines.AddRange(
            steps.Select(s =>
                Text.Of(
                    $"{s.Kind.Words()}: {s.Days.Shortest}–{s.Days.Usual}–{s.Days.Longest} days "
                        + $"(shortest–usual–longest){(s.Optional ? ", optional" : "")}."
                )
            )
        );
        lines.Add(
            $"Start: usual durations give {Quantity.Day(start.Usual)}; longest "
                + $"{Quantity.Day(anchor.Event == AnchorEvent.Start ? start.Latest : start.Earliest)}, shortest "
                + $"{Quantity.Day(anchor.Event == AnchorEvent.Start ? start.Earliest : start.Latest)}."
        );
        lines.Add(
            shortfall == 0
                ? $"Today is {Quantity.Day(today)}: the usual start is not past."
                : Text.Of($"Today is {Quantity.Day(today)}, {shortfall} days past the usual start on {Quantity.Day(start.Usual)}.")
        );
        lines.Add("Rule: dates follow from the durations alone (common practice, no source).");
        return lines;
    }
}
