using Gassel.Core.Record;
using Gassel.Core.Treatments;
using Gassel.Core.Trials;
using Gassel.Web.Features.Book;
using Gassel.Web.Problems;

namespace Gassel.Web.Features.Trials;

/// <summary>A trial that is wished for. The first arm is the control.</summary>
/// <param name="Changed">The one thing that is changed, in words.</param>
/// <param name="Arms">2 to 6, with names of their own.</param>
/// <param name="SowOn">Day on which all arms are sown, or set out.</param>
/// <param name="SeedsPerCell">1 if left out; for cells.</param>
/// <param name="CellsPerTray">72 if left out; for cells.</param>
/// <param name="Replicates">Vessels an arm, 3 if left out; for vessels of their own.</param>
/// <param name="RandomSeed">From which the layout follows.</param>
public sealed record TrialRequest(
    string Name,
    string Changed,
    string SpeciesId,
    int LotId,
    IReadOnlyList<TrialArmRequest> Arms,
    int SeedsPerArm,
    TrialLayout Layout,
    DateOnly SowOn,
    int RandomSeed,
    bool Blind = false,
    int? SeedsPerCell = null,
    int? CellsPerTray = null,
    int? Replicates = null
)
{
    private const int MostArms = 6;

    public Refusal? Check(IReadOnlyCollection<string> places)
    {
        var refusal = Limits.Text("name", Name, 80)
            ?? Limits.Text("changed", Changed, 200)
            ?? (
                Arms.Count < 2
                    ? new Refusal(
                        "arms",
                        $"arms holds {Arms.Count}; a trial needs a control and at least one arm beside it, 2 to {MostArms} in all."
                    )
                    : null
            )
            ?? Limits.Count("arms", Arms.Count, 2, MostArms)
            ?? Limits.Day("sowOn", SowOn)
            ?? Limits.Whole("seedsPerArm", SeedsPerArm, 1, 100_000)
            ?? Limits.Whole("seedsPerCell", SeedsPerCell ?? 1, 1, 1000)
            ?? Limits.Whole("cellsPerTray", CellsPerTray ?? 72, Math.Max(2, Arms.Count), 1000)
            ?? Limits.Whole("replicates", Replicates ?? 3, 1, Math.Min(50, SeedsPerArm));
        if (refusal is not null)
            return refusal;
        for (var i = 0; i < Arms.Count; i++)
        {
            var (at, arm) = ($"arms[{i}]", Arms[i]);
            if (arm is null)
                return new(at, $"{at} is null; an arm with a batch and a name is needed.");
            refusal = Limits.Text($"{at}.name", arm.Name, 40)
                ?? (
                    Arms.Take(i).Any(a => string.Equals(a.Name.Trim(), arm.Name.Trim(), StringComparison.OrdinalIgnoreCase))
                        ? new Refusal($"{at}.name", $"{at}.name was '{arm.Name}', which another arm has; valid is a name of its own.")
                        : null
                )
                ?? (
                    arm.Batch == Guid.Empty || Arms.Take(i).Any(a => a.Batch == arm.Batch)
                        ? new Refusal($"{at}.batch", $"{at}.batch needs a UUID of its own.")
                        : null
                )
                ?? (arm.DepthMm is { } depth ? Limits.Number($"{at}.depthMm", depth, 0, 200) : null)
                ?? (
                    arm.Place is { } place && !places.Contains(place)
                        ? new Refusal($"{at}.place", $"There is no place {place}; valid are {string.Join(", ", places)}.")
                        : null
                )
                ?? (
                    arm.Vessel is { } vessel && vessel is not (VesselKind.Pot or VesselKind.Flat or VesselKind.DeepCells)
                        ? new Refusal($"{at}.vessel", $"{at}.vessel was {vessel}; valid are pot, flat and deep cells.")
                        : null
                )
                ?? (arm.Setup is { } setup ? ContainerCheck.Of($"{at}.setup", setup) : null);
            if (refusal is not null)
                return refusal;
        }
        // cells of one tray have one place, one water and one mix
        if (Layout == TrialLayout.CellsMixed && Arms.Any(a => a is not null && Whole(a) != Whole(Arms[0])))
            return new(
                "layout",
                "Arms that differ in place, vessel, mix, filling or water cannot share a tray; valid is ownVessels, vessels of their own."
            );
        return null;
    }

    /// <summary>What a whole vessel has in common.</summary>
    private static (string?, VesselKind?, ContainerMix?, Filling?, WaterRegime?)? Whole(TrialArmRequest? arm) =>
        arm is null ? null : (arm.Place, arm.Vessel, arm.Mix, arm.Filling, arm.Water);
}
