using Gassel.Core.Fold;
using Gassel.Core.Growing;

namespace Gassel.Core.Due;

/// <summary>What was seen to be wrong is looked at again.</summary>
public static partial class DueWork
{
    /// <summary>One look for all that is wrong with a part, on the day of the most pressing; null where nothing is.</summary>
    private static DueItem? LookAgain(PartState part, DateOnly today)
    {
        var open = part.Symptoms.Where(t => t.IsOpen).Select(t => (Tale: t, Advice: SymptomAdvice.Of(t.What))).ToList();
        if (open.Count == 0)
            return null;
        var (first, advice) = open.MinBy(o => o.Advice.LookAgain(o.Tale.LastOn));
        var due = advice.LookAgain(first.LastOn);
        var names = Text.Capital(string.Join(", ", open.Select(o => o.Tale.What.Words())));
        return new(
            DueKind.LookAgain,
            part.Id,
            part.LastStep ?? 0,
            due,
            null,
            Late(due, today),
            $"{names} since {Quantity.Day(open.Min(o => o.Tale.FirstOn))}. {advice.ToDo}",
            [
                Text.Of($"Last looked at {Quantity.Day(first.LastOn)} + {advice.LookAgainDays} days (our assumption)."),
                "What to do is common practice, no source. " + advice.Products,
                .. open.Select(o => o.Advice.Caution).OfType<string>().Distinct(),
            ]
        );
    }
}
