using Gassel.Core.Record;

namespace Gassel.Core.Fold;

/// <summary>Winter containers, from the table to the yard.</summary>
internal sealed partial class Folding
{
    private static Conflict? Prepare(Prepared prepared, WorkingPart part)
    {
        (part.Setup, part.Preparation) = (prepared.Setup, prepared.Done);
        return null;
    }

    private static Conflict? Tend(Entry entry, Tended tended, WorkingPart part)
    {
        var grows = PlantStages.All.Any(s => s < PlantStage.Planted && part.AliveAt(s) > 0);
        if (Tendings.IsOfPlants(tended.What) ? !grows : !part.IsContainer || part.SownOn is null)
            return new(entry.Id, Tendings.IsOfPlants(tended.What) ? ConflictCode.NothingGrows : ConflictCode.NotOut, part.Id);
        var sheltered =
            part.Tended.Select(t => Tendings.ShelterAfter(t.What)).LastOrDefault(s => s is not null) is { } shelter
            && shelter != Shelter.None;
        if (tended.What == Tending.BackOut && !sheltered)
            return new(entry.Id, ConflictCode.NotSheltered, part.Id);
        part.Tended.Add(new(entry.Id, entry.DoneOn, entry.DoneAt, tended.What));
        return null;
    }
}
