using Gassel.Core.Record;

namespace Gassel.Core.Fold;

/// <summary>Where things stand: all of a part, or some of it as a part of its own. Seed and plants stay conserved.</summary>
internal sealed partial class Folding
{
    private Conflict? Move(Entry entry, Moved moved, WorkingPart part) =>
        moved.Some is { } some ? MoveSome(entry, moved.Place, some, part) : Stand(part, moved.Place, null, entry.DoneOn);

    private Conflict? MoveSome(Entry entry, string place, MovedSome some, WorkingPart part)
    {
        if (_parts.ContainsKey(some.Part))
            return new(entry.Id, ConflictCode.PartExists, some.Part);
        var waiting = part.Seeds - part.Seen;
        if (some.Seeds > waiting)
            return new(entry.Id, ConflictCode.MoreSeedMovedThanLeft, part.Id, some.Seeds, waiting);
        if (some.Plants > part.AliveAt(some.Stage))
            return TooMany(entry, some.Plants, some.Stage, part);
        var (plants, sleeping) = (PlantStages.All.Sum(part.AliveAt), part.Dormant.Sum());
        if (some.Cells is { } named && Misnamed(entry, named, part) is { } misnamed)
            return misnamed;
        // an empty part would stay behind, and an empty one would go
        if (some.Plants + some.Seeds == 0 || (some.Plants == plants && sleeping == 0 && some.Seeds == waiting))
            return new(entry.Id, ConflictCode.MovesAllOrNothing, part.Id, some.Plants + some.Seeds, plants + waiting);
        var gone = part.Child(some.Part);
        (gone.Seeds, gone.Arrived, gone.CameUpOn) = (some.Seeds, some.Plants, part.Snapshot().FirstUpOn);
        if (some.Label is { } label && part.Vessel is { } vessel)
            gone.Vessel = vessel with { Label = label };
        gone.SownOn = part.SownOn;
        // its dome stays where it is
        gone.SownAs = part.SownAs is { } sown ? sown with { Cells = null, Dome = false } : null;
        if (some.Cells is { } cells)
            TakeCells(cells, part, gone);
        (gone.TrueLeavesOn, gone.PottedOn, gone.PotCm) = (part.TrueLeavesOn, part.PottedOn, part.PotCm);
        (gone.KeptOn, gone.ClosedOn, gone.PlantedOn) = (part.KeptOn, part.ClosedOn, part.PlantedOn);
        gone.Winter = some.Plants > 0 ? part.Winter : null;
        gone.ColdsAgain.AddRange(part.ColdsAgain);
        gone.WaterLooks.AddRange(part.WaterLooks);
        gone.Tended.AddRange(part.Tended);
        gone.DaysOut.AddRange(part.DaysOut);
        gone.Heights.AddRange(part.Heights);
        gone.Symptoms.AddRange(part.Symptoms.Where(t => t.IsOpen).Select(t => t with { Lost = 0 }));
        part.Seeds -= some.Seeds;
        part.Arrived -= some.Plants;
        if (some.Stage == PlantStage.Seedling)
        {
            part.MovedOff += some.Plants;
            gone.ArrivedSeedlings = some.Plants;
        }
        else
        {
            part.GrowingAt[(int)some.Stage] -= some.Plants;
            gone.GrowingAt[(int)some.Stage] += some.Plants;
        }
        _parts[gone.Id] = gone;
        _order.Add(gone.Id);
        return Stand(gone, place, null, entry.DoneOn);
    }

    /// <summary>Cells that go must be some, and the part's own.</summary>
    private static Conflict? Misnamed(Entry entry, IReadOnlyList<int> cells, WorkingPart part)
    {
        var own = part.Cells;
        return cells.Count > 0 && cells.All(own.Contains)
            ? null
            : new(entry.Id, ConflictCode.SpotNotOfPart, part.Id, cells.FirstOrDefault(c => !own.Contains(c)));
    }

    /// <summary>The cells go as they are, with what was counted in them.</summary>
    private static void TakeCells(IReadOnlyList<int> cells, WorkingPart part, WorkingPart gone)
    {
        gone.CellsCame = [.. CellTally.Of(part.Snapshot()).Cells.Where(c => cells.Contains(c.Cell))];
        gone.SownAs = gone.SownAs! with { Cells = cells };
        part.SownAs = part.SownAs! with { Cells = [.. part.Cells.Except(cells)] };
        part.CellsGone.AddRange(cells);
    }

    private static Conflict? LookAtWater(Entry entry, WaterLooked looked, WorkingPart part)
    {
        if (part.SownOn is null)
            return new(entry.Id, ConflictCode.NotSown, part.Id);
        part.WaterLooks.Add(new(entry.Id, entry.DoneOn, entry.DoneAt, looked.Seen, looked.Given));
        return null;
    }

    private static Conflict? Stand(WorkingPart part, string? place, Vessel? vessel, DateOnly on)
    {
        if (place is not null && place != part.Place)
            part.Stays.Add(new(place, on));
        part.Place = place ?? part.Place;
        part.Vessel = vessel ?? part.Vessel;
        return null;
    }
}
