using Gassel.Core.Fold;
using Gassel.Core.Record;

namespace Gassel.Core.Growing;

/// <summary>
/// What vessels drink from below, by their surface: a full tray the amount of the rule, a smaller one its share by cells, pots by the tray
/// they fill (shares: our assumption).
/// </summary>
public static class WaterAmount
{
    /// <summary>A tray of so many cells or more is a full one of 27 × 53 cm (common practice, no source).</summary>
    private const int CellsOfFullTray = 36;

    /// <summary>In full trays; null where nobody said how large the vessel is.</summary>
    public static double? TraysOf(PartState part)
    {
        if (part.PottedOn is not null && part.Plants.Growing > 0)
            return part.PotCm is { } cm ? (double)part.Plants.Growing / PotRoom.Of(part.Plants.Growing, cm).PerTray : null;
        return part.Vessel switch
        {
            { Kind: VesselKind.Tray or VesselKind.DeepCells, Cells: { } cells } => Math.Min(1, (double)cells / CellsOfFullTray),
            { Kind: VesselKind.Tray or VesselKind.Flat } => 1,
            _ => null,
        };
    }

    /// <param name="trays">Full trays, above 0.</param>
    public static string Words(double trays) => RuleOfThumb.WaterFromBelowOf(trays);

    /// <summary>Of all together: what shares a label drinks once. Null where none has a known size.</summary>
    public static string? All(IReadOnlyCollection<PartState> parts)
    {
        var known = parts
            .Select(p => (Name: p.Vessel?.Label.Trim().ToUpperInvariant(), Of: p.PottedOn is null, Trays: TraysOf(p)))
            .Where(p => p.Trays is not null)
            .ToList();
        if (known.Count == 0)
            return null;
        var shared = known.Where(p => p is { Of: true, Name: not null }).GroupBy(p => p.Name).Sum(g => g.Max(p => p.Trays!.Value));
        var alone = known.Where(p => p is not { Of: true, Name: not null }).Sum(p => p.Trays!.Value);
        var unknown = parts.Count - known.Count;
        return Text.Of($"{Words(shared + alone)} in all{(unknown > 0 ? Text.Of($", without {unknown} of unknown size") : "")}");
    }
}
