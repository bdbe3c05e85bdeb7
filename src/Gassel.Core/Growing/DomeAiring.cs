using Gassel.Core.Fold;
using Gassel.Core.Record;

namespace Gassel.Core.Growing;

/// <summary>
/// Domes of a place are propped or lifted for one to two hours a day while they are on: one job for all of them (common practice, no
/// source).
/// </summary>
/// <param name="LateDays">Whole days since the oldest airing was due; today's airing is enough.</param>
public sealed record DomeAiring(IReadOnlyList<DomedPart> Parts, int LateDays, string Words, IReadOnlyList<string> Working)
{
    /// <summary>Null where no dome wants it today.</summary>
    /// <param name="there">All that stands at the place, with the number of its batch.</param>
    public static DomeAiring? Of(IEnumerable<(Guid Batch, int Number, PartState Part)> there, DateOnly today)
    {
        var due = new List<(DomedPart Part, DateOnly Last)>();
        foreach (var (batch, number, part) in there)
        {
            if (!part.IsDomed || part.SownOn is not { } sown || part is not { SecondCold: null, ClosedOn: null, BooksClosed: false })
                continue;
            var last = part.Tended.Where(t => t.What == Tending.DomeAired).Select(t => t.On).Append(sown).Max();
            if (last < today)
                due.Add((new(batch, number, part.Id), last));
        }
        if (due.Count == 0)
            return null;
        var numbers = string.Join(", ", due.Select(d => Text.Of($"B-{d.Part.Number}")).Distinct());
        return new(
            [.. due.Select(d => d.Part)],
            due.Max(d => today.DayNumber - d.Last.DayNumber - 1),
            Text.Of($"{due.Count} {(due.Count == 1 ? "dome" : "domes")} ({numbers}), propped or lifted for one to two hours."),
            ["Once a day while a dome is on: still wet air brings damping off (common practice, no source)."]
        );
    }
}
