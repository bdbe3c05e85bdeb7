using Gassel.Core.Germination;
using Gassel.Core.Record;
using Gassel.Core.Treatments;

namespace Gassel.Core.Planning;

/// <summary>Turns a schedule and the grower's choice into the plan of a batch.</summary>
public static class BatchPlanner
{
    /// <summary>Null where the choice is not among the schedule's options, or is one that cannot reach the target.</summary>
    public static BatchPlan? Confirm(
        Route route,
        Anchor anchor,
        Schedule schedule,
        PlanChoice choice,
        int plants,
        int seeds,
        GerminationForecast? forecast = null
    )
    {
        if (choice == PlanChoice.Usual)
        {
            var usual = route.Steps.Zip(schedule.Steps, (step, dates) =>
                new PlannedStep(step, step.Days.Usual, dates.Start.Usual, dates.End.Usual, false)
            );
            return new(route, [.. usual], plants, seeds, anchor, schedule.Start.Earliest, schedule.Start.Latest, forecast);
        }
        var kind = Enum.Parse<ShortfallOptionKind>(choice.ToString());
        if (schedule.Options.FirstOrDefault(o => o.Kind == kind) is not { Possible: true } option)
            return null;
        var moved = option.Steps[AnchorAt(route, anchor)];
        var date = anchor.Event == AnchorEvent.PlantOut ? option.Finish : moved.Start;
        var steps = route.Steps.Zip(option.Steps, (step, laid) =>
            new PlannedStep(
                step,
                laid.Days,
                laid.Start,
                laid.End,
                choice == PlanChoice.SkipOptional && step.Optional && laid.Days == 0 && step.Days.Usual > 0
            )
        );
        var shift = date.DayNumber - anchor.Date.DayNumber;
        return new(
            route,
            [.. steps],
            plants,
            seeds,
            anchor with
            {
                Date = date,
            },
            schedule.Start.Earliest.AddDays(shift),
            schedule.Start.Latest.AddDays(shift),
            forecast
        );
    }

    /// <summary>Index of the option step whose start is the anchor; the last step for planting out, whose end it is.</summary>
    private static int AnchorAt(Route route, Anchor anchor) =>
        anchor.Event switch
        {
            AnchorEvent.Start => 0,
            AnchorEvent.Sow => route.Steps.Select((s, i) => (s, i)).Single(t => t.s.Kind == StepKind.Germinate).i,
            _ => route.Steps.Count - 1,
        };
}
