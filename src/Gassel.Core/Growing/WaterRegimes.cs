using Gassel.Core.Fold;
using Gassel.Core.Record;
using Gassel.Core.Treatments;

namespace Gassel.Core.Growing;

/// <summary>Which regime a part stands under, by its kind and how far it has come (common practice, no source).</summary>
public static class WaterRegimes
{
    /// <summary>In an open vessel, with seed that may come up or plants that are not in the ground.</summary>
    public static bool AsksFor(PartState part) => part is { IsInVessel: true, IsContainer: false };

    public static (WaterRegime Regime, string Why) Of(PartState part, Species species)
    {
        if (part.Plants is { Growing: 0, Dormant: > 0 })
            return (WaterRegime.DrySide, "Dormant: barely moist, so that nothing rots.");
        if (part.KeptOn is not null && part.Plants.Growing == 0)
            return (WaterRegime.DrySide, "Kept for another spring: barely moist.");
        if (part.Plants.Growing == 0)
            return OfSeed(part, species);
        if (part.SownAs?.Water is { } laid)
            return Laid(laid);
        if (species.Water is { } own)
            return Entered(own, species);
        return species.Has(SpeciesFlag.DustFine) && part.TrueLeavesOn is null ? DustFine : Most;
    }

    /// <summary>The same before the first seedling.</summary>
    public static (WaterRegime Regime, string Why) OfSeed(PartState part, Species species)
    {
        if (part.SownAs?.Water is { } laid)
            return Laid(laid);
        if (species.Water is { } own)
            return Entered(own, species);
        if (species.Has(SpeciesFlag.NeedsLight) || part.SownAs?.Cover == SowCover.Surface)
            return (WaterRegime.NeverDry, "Seed on the surface that drank and dries again is lost.");
        return species.Has(SpeciesFlag.DustFine) ? DustFine : Most;
    }

    private static readonly (WaterRegime, string) DustFine = (
        WaterRegime.NeverDry,
        "Dust-fine seed: a tray of fine seedlings can be lost in a few hours of drying."
    );

    private static readonly (WaterRegime, string) Most = (
        WaterRegime.SurfaceDries,
        "Most seedlings: water when the surface turns pale, so that gnats and damping off stay away."
    );

    private static (WaterRegime, string) Laid(WaterRegime laid) => (laid, "As this sowing is meant to be watered.");

    private static (WaterRegime, string) Entered(WaterRegime own, Species species) => (own, $"As entered for {species.CommonName}.");
}
