using Gassel.Core.Record;
using Gassel.Core.Treatments;

namespace Gassel.Core.Planning;

/// <summary>Something planned that has not begun.</summary>
/// <param name="Name">As in W-3 or B-12.</param>
/// <param name="Containers">Winter containers over which its seed is spread.</param>
/// <param name="SeedsLacking">That no lot gives yet.</param>
/// <param name="Ripe">When its seed was gathered before, in words; null where it never was.</param>
/// <param name="Kind">Of its winter containers.</param>
public sealed record SupplyNeed(
    string Name,
    Species Species,
    Route Route,
    int Seeds,
    int Plants,
    int Containers,
    int SeedsLacking,
    string? Ripe = null,
    ContainerPreset Kind = ContainerPreset.Jug4
)
{
    /// <summary>Its seed lies in a bag before it is sown.</summary>
    public bool LiesMoist => !Route.IsOutdoors && Route.Treatment.Any(s => s.Kind.IsMoistHold() && !s.Optional);

    /// <summary>Tap roots stand in deep cells from the first day, and need no pot.</summary>
    public bool InDeepCells => Route.Setting == RouteSetting.Indoors && Species.Has(SpeciesFlag.TapRooted);

    public bool InTrays => Route.Setting == RouteSetting.Indoors && !InDeepCells;

    public bool InPots => Route.Setting != RouteSetting.AutumnBed && !InDeepCells;
}
