using Gassel.Core.Treatments;

namespace Gassel.Core.Record;

/// <summary>What may be done to a bag at a look, by the hazard of its seed and the schools of mould (common practice, no source).</summary>
public static class BagCares
{
    public static IReadOnlyList<BagCare> For(HazardLevel hazard) =>
        [.. Enum.GetValues<BagCare>().Where(care => Forbidden(hazard, care) is null)];

    /// <summary>Why it may not be done; null where it may.</summary>
    public static string? Forbidden(HazardLevel hazard, BagCare care) =>
        hazard >= HazardLevel.Toxic && care is BagCare.Rinsed or BagCare.Peroxide
            ? "Toxic seed is never rinsed: it gets new medium, or the bag is discarded."
            : null;
}
