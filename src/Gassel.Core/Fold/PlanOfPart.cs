using Gassel.Core.Record;
using Gassel.Core.Treatments;

namespace Gassel.Core.Fold;

/// <summary>What the plan of a batch means for one of its parts as it stands.</summary>
public static class PlanOfPart
{
    /// <summary>Days in which seedlings come up once they can: by own sowings where it was planned so, else by the route.</summary>
    public static DurationRange ComesUpIn(this BatchPlan plan) => plan.OwnDays ?? plan.Steps[plan.GerminateStep!.Value].Step.Days;

    /// <summary>Days from sowing in which seedlings are expected. Seed sown outdoors lies through its cold first.</summary>
    public static DurationRange DaysToEmergence(this BatchPlan plan, PartState part)
    {
        var germinate = plan.GerminateStep!.Value;
        var days = plan.ComesUpIn();
        if (!plan.Route.IsOutdoors || part.SownOn is not { } sown)
            return days;
        if (part.Outdoors is { } forecast)
            return new(
                forecast.From.DayNumber - sown.DayNumber,
                forecast.Half.DayNumber - sown.DayNumber,
                forecast.To.DayNumber - sown.DayNumber
            );
        var opens = part.Spans.FirstOrDefault(s => s.Step == germinate)?.Start
            ?? sown.AddDays(plan.Steps[germinate].Start.DayNumber - plan.Start.DayNumber);
        var wait = Math.Max(0, opens.DayNumber - sown.DayNumber);
        return new(days.Shortest + wait, days.Usual + wait, days.Longest + wait);
    }

    /// <summary>
    /// Day on which the open step of a part is over: its planned days, or what the weather makes of them. Null for a part in no step.
    /// </summary>
    public static DateOnly? EndOfOpen(this BatchPlan plan, PartState part, DateOnly today) =>
        part.Open is not { } open ? null
        : plan.Steps[open.Step].Step.Kind == StepKind.HardenOff && part.HardenedOn is { } hardened ? hardened
        : part.Outdoors is { } sky && plan.GerminateStep is { } germinate && open.Step == germinate ? sky.To
        : part.Outdoors is { } cold && plan.GerminateStep is { } next && plan.NextStep(open.Step) == next ? cold.From
        : today.AddDays(plan.Steps[open.Step].PlannedDays - part.DaysIn(plan, today));
}
