using Gassel.Core.Record;
using Gassel.Core.Treatments;

namespace Gassel.Core.Fold;

/// <summary>From seedling to plant: every plant is at one stage, dormant at one, or lost at one.</summary>
internal sealed partial class Folding
{
    public DateOnly? BooksClosedOn { get; private set; }

    private static Conflict? SeeTrueLeaves(Entry entry, WorkingPart part)
    {
        if (part.SownOn is null)
            return new(entry.Id, ConflictCode.NotSown, part.Id);
        if (part.AliveAt(PlantStage.Seedling) <= 0)
            return new(entry.Id, ConflictCode.NothingGrows, part.Id);
        part.TrueLeavesOn ??= entry.DoneOn;
        return null;
    }

    private Conflict? CarryOut(Entry entry, CarriedOut carried, WorkingPart part)
    {
        if (part.Open is not { } open || plan.Steps[open.Step].Step.Kind != StepKind.HardenOff)
            return new(entry.Id, ConflictCode.NotHardening, part.Id);
        // the last word on a day counts
        part.DaysOut.RemoveAll(d => d.On == entry.DoneOn);
        part.DaysOut.Add(new(entry.DoneOn, carried.Hours));
        return null;
    }

    private Conflict? MoveOn(Entry entry, MovedOn moved, WorkingPart part)
    {
        if (part.SownOn is null)
            return new(entry.Id, ConflictCode.NotSown, part.Id);
        if (moved.To <= moved.From && !moved.IsRepotting())
            return new(entry.Id, ConflictCode.StageBackwards, part.Id);
        if (moved.Plants > part.AliveAt(moved.From))
            return TooMany(entry, moved.Plants, moved.From, part);
        if (moved.From == PlantStage.Seedling)
        {
            part.MovedOff += moved.Plants;
            // nobody touches a seedling before they are out
            part.TrueLeavesOn ??= entry.DoneOn;
        }
        else
            part.GrowingAt[(int)moved.From] -= moved.Plants;
        part.GrowingAt[(int)moved.To] += moved.Plants;
        // whoever is planted was hardened, potted and pricked out as far as the way goes
        for (var stage = moved.From + 1; stage <= moved.To; stage++)
            part.Reached[(int)stage] += moved.Plants;
        if (moved.To == PlantStage.Potted)
            (part.PottedOn, part.PotCm) = (entry.DoneOn, moved.PotCm ?? part.PotCm);
        if (moved.To == PlantStage.Planted)
            part.PlantedOn = entry.DoneOn;
        GoWith(moved, entry.DoneOn, part);
        return null;
    }

    /// <summary>
    /// The steps of the route follow the plants: the first that is pricked out or potted grows on, the last that is hardened or planted
    /// ends its step.
    /// </summary>
    private void GoWith(MovedOn moved, DateOnly on, WorkingPart part)
    {
        if (moved.To <= PlantStage.Potted)
        {
            var growOn = plan
                .Steps.Select((s, i) => (s.Step.Kind, i))
                .Where(s => s.Kind == StepKind.GrowOn && s.i > (part.Spans.Count > 0 ? part.Spans[^1].Step : -1))
                .Select(s => (int?)s.i)
                .FirstOrDefault();
            if (growOn is not { } step)
                return;
            part.EndOpen(on);
            part.Spans.Add(new(step, on, null));
            return;
        }
        if (PlantStages.All.Where(s => s < moved.To).Sum(s => part.AliveAt(s) + part.Dormant[(int)s]) > 0)
            return;
        if (moved.To == PlantStage.Hardened)
        {
            if (part.Open is { } open && plan.Steps[open.Step].Step.Kind == StepKind.HardenOff)
                part.EndOpen(on);
            return;
        }
        // nothing stands that the rest of the route could be for
        part.EndOpen(on);
        if (plan.Steps.Count - 1 is var last && part.Spans[^1].Step < last)
            part.Spans.Add(new(last, on, on));
    }

    private static Conflict? LosePlants(Entry entry, PlantsLost lost, WorkingPart part)
    {
        if (part.SownOn is null)
            return new(entry.Id, ConflictCode.NotSown, part.Id);
        if (lost.Stage == PlantStage.Seedling)
            return new(entry.Id, ConflictCode.LostInCount, part.Id);
        if (lost.Plants > part.AliveAt(lost.Stage) + part.Dormant[(int)lost.Stage])
            return TooMany(entry, lost.Plants, lost.Stage, part, dormantToo: true);
        // those that grow are seen to be lost before those that sleep
        var growing = Math.Min(lost.Plants, part.GrowingAt[(int)lost.Stage]);
        part.GrowingAt[(int)lost.Stage] -= growing;
        part.Dormant[(int)lost.Stage] -= lost.Plants - growing;
        PutDown(part, lost.Cause, lost.Plants, entry.DoneOn);
        part.LaterLosses.Add(new(lost.Stage, lost.Cause, lost.Plants));
        return null;
    }

    private static Conflict? DieBack(Entry entry, DiedBack died, WorkingPart part)
    {
        if (died.Plants > part.AliveAt(died.Stage))
            return TooMany(entry, died.Plants, died.Stage, part);
        if (died.Stage != PlantStage.Seedling)
            part.GrowingAt[(int)died.Stage] -= died.Plants;
        part.Dormant[(int)died.Stage] += died.Plants;
        part.DiedBackOn = entry.DoneOn;
        return null;
    }

    private static Conflict? ComeAgain(Entry entry, CameAgain came, WorkingPart part)
    {
        if (came.Plants > part.Dormant[(int)came.Stage])
            return new(entry.Id, ConflictCode.MoreThanSleep, part.Id, came.Plants, part.Dormant[(int)came.Stage]);
        part.Dormant[(int)came.Stage] -= came.Plants;
        if (came.Stage != PlantStage.Seedling)
            part.GrowingAt[(int)came.Stage] += came.Plants;
        part.CameAgainOn = entry.DoneOn;
        return null;
    }

    private static Conflict? GoThroughWinter(Entry entry, WinterChosen chosen, WorkingPart part)
    {
        if (PlantStages.All.Sum(s => part.AliveAt(s) + part.Dormant[(int)s]) == 0)
            return new(entry.Id, ConflictCode.NothingGrows, part.Id);
        part.Winter = new(chosen.Way, entry.DoneOn, chosen.Until);
        return null;
    }

    private static Conflict? EndWinter(Entry entry, WorkingPart part)
    {
        if (part.Winter is null)
            return new(entry.Id, ConflictCode.NotOverwintering, part.Id);
        part.Winter = null;
        return null;
    }

    private Conflict? CloseBooks(Entry entry)
    {
        if (SeedsStarted == 0)
            return new(entry.Id, ConflictCode.NothingToClose);
        BooksClosedOn = entry.DoneOn;
        foreach (var part in _parts.Values.Where(p => !p.Divided))
        {
            part.EndOpen(entry.DoneOn);
            part.BooksClosed = true;
        }
        return null;
    }

    private static Conflict TooMany(Entry entry, int said, PlantStage stage, WorkingPart part, bool dormantToo = false) =>
        new(
            entry.Id,
            stage switch
            {
                PlantStage.Seedling => ConflictCode.MorePlantsThanSeedlings,
                _ => ConflictCode.MorePlantsThanThere,
            },
            part.Id,
            said,
            part.AliveAt(stage) + (dormantToo ? part.Dormant[(int)stage] : 0)
        );
}
