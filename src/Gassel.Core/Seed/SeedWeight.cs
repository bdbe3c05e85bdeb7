namespace Gassel.Core.Seed;

/// <summary>An amount weighed instead of counted.</summary>
/// <param name="SeedsPerGram">Of pure seed.</param>
/// <param name="Purity">Share of the weight that is seed of the species, in (0, 1].</param>
public sealed record SeedWeight(double Grams, double SeedsPerGram, double Purity)
{
    /// <summary>Rounded down: a part of a seed grows nothing.</summary>
    public int Seeds => (int)Math.Min(int.MaxValue, Math.Floor(Grams * SeedsPerGram * Purity + 1e-9));
}
