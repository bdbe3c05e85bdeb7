using Gassel.Core.Treatments;

namespace Gassel.Core.Yard;

/// <summary>What seedlings of a hardiness stand, in words.</summary>
public static class HardinessWords
{
    public static string Of(SeedlingHardiness hardiness)
    {
        if (hardiness == SeedlingHardiness.Tender)
            return "survive no frost";
        var survive = $"survive to {Quantity.WholeDegrees(SpeciesOutdoors.KillC(hardiness))}";
        return hardiness == SeedlingHardiness.SnowMelt ? $"come up at snow-melt and {survive}" : survive;
    }
}
