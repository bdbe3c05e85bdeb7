using Gassel.Core.Fold;
using Gassel.Core.Planning;
using Gassel.Core.Record;
using Gassel.Core.Treatments;

namespace Gassel.Core.Due;

/// <summary>The plan of a batch as days of a calendar: what is still to be done, and when the plants are ready.</summary>
public static class CalendarPlan
{
    /// <param name="school">By which bags are looked at.</param>
    public static IReadOnlyList<CalendarDay> Of(
        BatchPlan plan,
        BatchState state,
        Species species,
        CheckSchool school,
        string name,
        DateOnly today
    )
    {
        var days = new List<CalendarDay>();
        foreach (var part in state.Living.Where(p => !p.IsDone(plan)))
        {
            var tail = part.Id == BatchPlan.FirstPart ? "" : $" part {part.Id}";
            var outlook = Replan.For(plan, part, today);
            foreach (var step in outlook.Steps.Where(s => s.Step != part.Open?.Step))
            {
                var comesUp = step.Kind == StepKind.Germinate && plan.Route.IsOutdoors && part.SownOn is not null;
                var act =
                    comesUp ? "look for seedlings"
                    : step.Kind == StepKind.Germinate && part.SownOn is null ? "sow"
                    : step.Kind.Title();
                var inHours = step.Kind is StepKind.Scarify or StepKind.Soak or StepKind.Leach;
                days.Add(
                    new(
                        Text.Of($"{part.Id}-{step.Step}"),
                        step.Start.Usual,
                        $"{name}{tail}: {act}",
                        $"Any day from {Quantity.Day(step.Start.Earliest)} to "
                            + $"{Quantity.Day(step.Start.Latest)}.{(plan.Steps[step.Step].Step.Note is { } note ? " " + note : "")}",
                        inHours
                    )
                );
            }
            var looks = LookDates.Ahead(plan, part, species, school, today);
            for (var i = 0; i < looks.Count; i++)
            {
                // the n-th look of a part keeps its place in a calendar when its day moves
                days.Add(
                    new(
                        Text.Of($"{part.Id}-look-{part.Checks.Count + i}"),
                        looks[i],
                        $"{name}{tail}: look at it",
                        "Moist without dripping, no mould, no sprouts.",
                        false
                    )
                );
            }
            if (outlook.Steps.Count > 0)
            {
                days.Add(
                    new(
                        $"{part.Id}-ready",
                        outlook.Finish.Usual,
                        $"{name}{tail}: plants ready",
                        $"Between {Quantity.Day(outlook.Finish.Earliest)} and {Quantity.Day(outlook.Finish.Latest)}; "
                            + $"target {Quantity.Day(outlook.Target)}.",
                        false
                    )
                );
            }
        }
        return days;
    }
}
