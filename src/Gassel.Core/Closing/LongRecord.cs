using Gassel.Core.Fold;
using Gassel.Core.Planning;
using Gassel.Core.Record;
using Gassel.Core.Treatments;

namespace Gassel.Core.Closing;

/// <summary>
/// A batch that lives through two winters or more: double dormancy, bulbs to planting size, trays kept for a second cold.
/// </summary>
/// <param name="WintersSoFar">That it has seen the middle of.</param>
/// <param name="WintersInAll">By the day on which its plants are expected.</param>
/// <param name="PlantableOn">When its plants are expected to be of planting size; null once that is past.</param>
/// <param name="Waits">Seed that may still come up.</param>
/// <param name="Words">Where it stands.</param>
public sealed record LongRecord(
    Guid Id,
    int Number,
    string CommonName,
    DateOnly StartedOn,
    int WintersSoFar,
    int WintersInAll,
    DateOnly? PlantableOn,
    PlantTally Plants,
    int Waits,
    IReadOnlyList<LongEvent> Events,
    string Words
)
{
    private const int Several = 2;

    /// <summary>Null for a batch of one winter, and for one that has not begun, is closed, or has nothing left alive.</summary>
    public static LongRecord? Of(Guid id, int number, Species species, BatchPlan plan, BatchState state, bool south, DateOnly today)
    {
        var started = state.Parts.SelectMany(p => p.Spans).Select(s => (DateOnly?)s.Start).Min();
        if (!state.Started || state.BooksClosedOn is not null || started is not { } from)
            return null;
        var plants = state.Plants;
        var waits = state.Living.Where(p => p.ClosedOn is null && !p.IsDone(plan)).Sum(p => Math.Max(0, p.Seeds - p.Emerged));
        if (plants.Alive + plants.Dormant + waits == 0)
            return null;
        var going = state.Living.Where(p => !p.IsDone(plan)).ToList();
        var finish = going.Count == 0 ? (DateOnly?)null : going.Max(p => Replan.For(plan, p, today).Finish.Usual);
        var (soFar, inAll) = (Winters(from, today, south), Winters(from, finish > today ? finish.Value : today, south));
        if (inAll < Several)
            return null;
        var kept = state.Living.Where(p => p.KeptOn is not null && p.ClosedOn is null).Sum(p => Math.Max(0, p.Seeds - p.Emerged));
        return new(
            id,
            number,
            species.CommonName,
            from,
            soFar,
            inAll,
            finish,
            plants,
            waits,
            Told(state, plan, south),
            In(soFar, inAll, plants, waits, kept, finish)
        );
    }

    /// <summary>Middles of winter after the first day and up to the last: 1 January in the north, 1 July in the south.</summary>
    private static int Winters(DateOnly from, DateOnly to, bool south)
    {
        var count = 0;
        for (var year = from.Year; year <= to.Year; year++)
        {
            DateOnly middle = new(year, south ? 7 : 1, 1);
            if (middle > from && middle <= to)
                count++;
        }
        return count;
    }

    private static List<LongEvent> Told(BatchState state, BatchPlan plan, bool south)
    {
        var entries = state.Log.Where(l => l.Fate == EntryFate.Counted).Select(l => l.Entry).ToList();
        var single = entries
            .Select(e =>
                e.Payload switch
                {
                    StepStarted { Step: var step } when step < plan.Steps.Count && plan.Steps[step].Step.Kind == StepKind.WarmMoist =>
                        new LongEvent(e.DoneOn, LongEventKind.Warm, null),
                    StepStarted { Step: var step } when step < plan.Steps.Count && plan.Steps[step].Step.Kind == StepKind.ColdMoist =>
                        new LongEvent(e.DoneOn, LongEventKind.Cold, null),
                    Sown => new(e.DoneOn, LongEventKind.Sown, null),
                    SowingKept => new(e.DoneOn, LongEventKind.Kept, null),
                    DiedBack p => new(e.DoneOn, LongEventKind.DiedBack, p.Plants),
                    CameAgain p => new(e.DoneOn, LongEventKind.CameAgain, p.Plants),
                    MovedOn { To: PlantStage.Potted } p => new(e.DoneOn, LongEventKind.Potted, p.Plants),
                    MovedOn { To: PlantStage.Planted } p => new(e.DoneOn, LongEventKind.Planted, p.Plants),
                    _ => (LongEvent?)null,
                }
            )
            .OfType<LongEvent>();
        IEnumerable<LongEvent> Springs(LongEventKind kind, Func<Count, int> number) =>
            entries
                .Where(e => e.Payload is Count c && number(c) > 0)
                .GroupBy(e => Climate.Winters.Of(e.DoneOn, south))
                .Select(g => new LongEvent(g.Min(e => e.DoneOn), kind, g.Sum(e => number((Count)e.Payload))));
        return
        [
            .. single
                .DistinctBy(e => (e.On, e.Kind, e.Plants))
                .Concat(Springs(LongEventKind.Up, c => c.Emerged))
                .Concat(Springs(LongEventKind.Rooted, c => c.Rooted))
                .OrderBy(e => e.On)
                .ThenBy(e => e.Kind),
        ];
    }

    private static string In(int soFar, int inAll, PlantTally plants, int waits, int kept, DateOnly? finish)
    {
        var where = (plants.Alive, plants.Dormant) switch
        {
            (0, 0) => Text.Of($"{waits} seeds wait"),
            (var alive, 0) => Text.Of($"{alive} grow"),
            (0, var asleep) => Text.Of($"{asleep} dormant, alive: keep barely moist and cool, do not tip out"),
            var (alive, asleep) => Text.Of($"{alive} grow, {asleep} dormant, alive: do not tip out"),
        };
        var still =
            kept > 0 ? Text.Of($"; {kept} seeds kept for another spring")
            : waits > 0 && plants.Emerged > 0 ? Text.Of($"; {waits} seeds may still come")
            : "";
        return Text.Of(
            $"{soFar} of {inAll} winters done; "
                + $"{where}{still}{(finish is { } on ? Text.Of($"; plants of planting size about {Quantity.Month(on)}") : "")}."
        );
    }
}
