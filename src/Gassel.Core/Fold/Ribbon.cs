using Gassel.Core.Record;

namespace Gassel.Core.Fold;

/// <summary>
/// One part along time: what was, what is, and what follows with the planned days from the last known day on. A step that has
/// outlasted its days is taken to end today.
/// </summary>
public static class Ribbon
{
    public static IReadOnlyList<RibbonStretch> For(BatchPlan plan, PartState part, DateOnly today)
    {
        var stretches = new List<RibbonStretch>();
        void Add(int step, DateOnly start, DateOnly end, RibbonTime time) =>
            stretches.Add(new(step, plan.Steps[step].Step.Kind, start, end, time, plan.Steps[step].Start, plan.Steps[step].End));

        foreach (var span in part.Spans.Where(s => s.End is not null))
            Add(span.Step, span.Start, span.End!.Value, RibbonTime.Past);

        DateOnly from;
        if (part.Divided)
            return stretches;
        if (part.Open is { } open)
        {
            var end = Days.Later(plan.EndOfOpen(part, today)!.Value, today);
            Add(open.Step, open.Start, end, RibbonTime.Now);
            from = end;
        }
        else
        {
            from = part.Spans.Count > 0 ? Days.Later(part.Spans[^1].End!.Value, today) : Days.Later(plan.Start, today);
        }
        for (var next = plan.NextStep(part.LastStep ?? -1); next is { } step; next = plan.NextStep(step))
        {
            var end = Days.Later(ByWeather(step) ?? from.AddDays(plan.Steps[step].PlannedDays), from);
            Add(step, from, end, RibbonTime.Ahead);
            from = end;
        }
        return stretches;

        // outdoors the weather ends the cold and the emergence, not the route's days
        DateOnly? ByWeather(int step) =>
            part.Outdoors is not { } sky || plan.GerminateStep is not { } germinate ? null
            : step == germinate ? sky.To
            : plan.NextStep(step) == germinate ? sky.From
            : null;
    }
}
