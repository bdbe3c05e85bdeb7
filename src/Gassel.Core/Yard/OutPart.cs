using Gassel.Core.Fold;
using Gassel.Core.Record;
using Gassel.Core.Treatments;

namespace Gassel.Core.Yard;

/// <summary>A part that stands outdoors, or where the weather comes near, with what its plants stand.</summary>
/// <param name="OutSince">Day from which it has stood outdoors without a break; null where it does not, or nobody knows.</param>
public sealed record OutPart(Guid Batch, int Number, BatchPlan Plan, PartState Part, Species Species, DateOnly? OutSince = null)
{
    /// <summary>What was planted is watched for so long, days: three weeks (common practice, no source).</summary>
    public const int FreshDays = 21;

    /// <summary>Something of it grows in a vessel, or was planted within three weeks.</summary>
    public bool IsWatched(DateOnly today) =>
        Part is { SownOn: not null, Divided: false, BooksClosed: false } && (InVessels > 0 || IsFresh(today));

    /// <summary>All that lives of it was planted.</summary>
    public bool IsInGround => InVessels == 0 && Part.Plants.At(PlantStage.Planted).Alive > 0;

    private int InVessels => Part.Plants.Stages.Where(s => s.Stage != PlantStage.Planted).Sum(s => s.Alive);

    /// <summary>Its last plants went into the ground within three weeks.</summary>
    public bool IsFresh(DateOnly today) =>
        Part.PlantedOn is { } planted && today.DayNumber - planted.DayNumber <= FreshDays && Part.Plants.At(PlantStage.Planted).Alive > 0;

    /// <summary>What stood outdoors so long is hardened by it, days (our assumption; 7 to 14 is common practice).</summary>
    private const int HardDays = 10;

    /// <summary>
    /// How far it is hardened, 0..1: raised outdoors, or hardened by the book, it is 1; else the share of its days out, or of the days it
    /// has stood outdoors (our assumption).
    /// </summary>
    public double Hardened(DateOnly today)
    {
        if (Plan.Route.IsOutdoors || InVessels == 0 || (OutSince is { } outdoors && Part.FirstUpOn >= outdoors))
            return 1;
        if (Part.Plants.Stages.Where(s => s.Alive > 0).All(s => s.Stage >= PlantStage.Hardened))
            return 1;
        var planned = Plan.Steps.FirstOrDefault(s => s.Step.Kind == StepKind.HardenOff)?.PlannedDays ?? 0;
        var byDays = planned > 0 ? Part.DaysOut.Count / (double)planned : 0;
        var byStanding = OutSince is { } since ? (today.DayNumber - since.DayNumber) / (double)HardDays : 0;
        return Math.Clamp(Math.Max(byDays, byStanding), 0, 1);
    }

    /// <summary>
    /// Lowest air that its plants survive, °C: hardened, that of the seedlings of the kind; not hardened, none below freezing; between the
    /// two by how far it is. Just up, it is less by 2 K, but above freezing nothing dies. Our assumption.
    /// </summary>
    public double StandsC(DateOnly today)
    {
        var kill = SpeciesOutdoors.KillC(Species.Hardiness) * Hardened(today);
        var justUp = Part.Counts.Any(c => c.Emerged > 0 && today.DayNumber - c.On.DayNumber <= YardWatch.JustUpDays);
        return Math.Min(0, kill + (justUp && Part.Standing > 0 ? SpeciesOutdoors.JustUpK : 0));
    }

    public bool IsCovered => ShelterNow == Shelter.Covered;

    private Shelter? ShelterNow => Part.Tended.Select(t => Tendings.ShelterAfter(t.What)).LastOrDefault(s => s is not null);

    /// <summary>Day on which it was last done to it; null where never.</summary>
    public DateOnly? Last(Tending what) => Part.Tended.Where(t => t.What == what).Select(t => (DateOnly?)t.On).Max();

    /// <summary>The frame over it is open: vented, and not shut since.</summary>
    public bool IsVented =>
        Part.Tended.LastOrDefault(t => t.What is Tending.Vented or Tending.Shut) is { On.Year: > 1, What: Tending.Vented };
}
