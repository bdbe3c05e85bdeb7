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
        var known = parts.Where(p => TraysOf(p) is not null).ToList();
        if (known.Count == 0)
            return null;
        // pots stand beside each other; what was sown may share its tray
        var trays = known
            .GroupBy(p => p.PottedOn is null ? p.Vessel?.Label.Trim().ToUpperInvariant() : null)
            .Sum(g => g.Key is null ? g.Sum(p => TraysOf(p)!.Value) : g.Max(p => TraysOf(p)!.Value));
        var unknown = parts.Count - known.Count;
        return Text.Of($"{Words(trays)} in all{(unknown > 0 ? Text.Of($", without {unknown} of unknown size") : "")}");
    }
}
