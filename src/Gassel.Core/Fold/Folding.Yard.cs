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
        if (Refused(tended.What, part) is { } code)
            return new(entry.Id, code, part.Id);
        var sheltered =
            part.Tended.Select(t => Tendings.ShelterAfter(t.What)).LastOrDefault(s => s is not null) is { } shelter
            && shelter != Shelter.None;
        if (tended.What == Tending.BackOut && !sheltered)
            return new(entry.Id, ConflictCode.NotSheltered, part.Id);
        part.Tended.Add(new(entry.Id, entry.DoneOn, entry.DoneAt, tended.What));
        return null;
    }

    /// <summary>Files of thermometers that lay in its containers.</summary>
    public List<InsideMeasured> Insides { get; } = [];

    private Conflict? Measure(InsideMeasured measured)
    {
        Insides.Add(measured);
        return null;
    }

    /// <summary>Null where it can be done to the part.</summary>
    private static ConflictCode? Refused(Tending what, WorkingPart part) =>
        what switch
        {
            Tending.DomeAired => part.SownAs is { Dome: true } && part.DomeOffOn is null ? null : ConflictCode.NoDome,
            Tending.WinterLooked => part.Winter is null ? ConflictCode.NotOverwintering : null,
            // lamps are set before the first seedling
            Tending.LampsRaised when part.SownOn is not null && part.Seen < part.Seeds => null,
            _ when Tendings.IsOfPlants(what) => PlantStages.All.Any(s => s < PlantStage.Planted && part.AliveAt(s) > 0)
                ? null
                : ConflictCode.NothingGrows,
            _ when Tendings.IsOfAllOutdoors(what) => part.SownOn is not null ? null : ConflictCode.NotOut,
            _ => part.IsContainer && part.SownOn is not null ? null : ConflictCode.NotOut,
        };
}
