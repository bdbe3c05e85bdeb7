using Gassel.Core.Treatments;

namespace Gassel.Core.Due;

/// <summary>Several batches in one tray: what is written on the tray says which it is.</summary>
public static class TraySharing
{
    /// <summary>Labels that differ only in case or in spaces at their ends name one vessel.</summary>
    public static bool IsSame(string label, string other) => string.Equals(label.Trim(), other.Trim(), StringComparison.OrdinalIgnoreCase);

    /// <summary>Null where nothing stands against it.</summary>
    /// <param name="there">All that the vessel holds now.</param>
    /// <param name="cells">Cells wanted; null for all of them.</param>
    public static TrayObjection? Object(Species species, string label, IReadOnlyList<int>? cells, IEnumerable<TrayHolder> there)
    {
        foreach (var holder in there.Where(h => IsSame(h.Label, label)))
        {
            if (MistakenFor(species, holder.Species))
                return new(
                    true,
                    $"{label} holds B-{holder.Number} {holder.Species.CommonName}, a look-alike: never "
                        + $"put the two in one tray, container, box or bed."
                );
            if (species.Id != holder.Species.Id && (species.Hazard >= HazardLevel.Toxic || holder.Species.Hazard >= HazardLevel.Toxic))
            {
                return new(true, $"{label} holds B-{holder.Number} {holder.Species.CommonName}: a toxic kind gets its own tray.");
            }
            var common = cells is null || holder.Cells is null ? (IEnumerable<int>?)null : cells.Intersect(holder.Cells).Order();
            if (common is null)
                return new(false, $"{label} is taken by B-{holder.Number}{(holder.Cells is null ? "" : "; say which cells are wanted")}.");
            if (common.FirstOrDefault() is > 0 and var taken)
                return new(false, $"Cell {taken} of {label} is taken by B-{holder.Number}.");
        }
        return null;
    }

    /// <summary>One of the two says that it may be taken for the other.</summary>
    public static bool MistakenFor(Species species, Species other)
    {
        static bool Names(Species a, Species b) =>
            a.LookAlike is { } says
            && (
                says.Contains(b.CommonName, StringComparison.OrdinalIgnoreCase)
                || says.Contains(b.ScientificName, StringComparison.OrdinalIgnoreCase)
            );
        return species.Id != other.Id && (Names(species, other) || Names(other, species));
    }
}
