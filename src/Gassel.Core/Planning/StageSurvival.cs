namespace Gassel.Core.Planning;

/// <summary>Shares that live through each stage from seedling to plant, each in (0, 1].</summary>
/// <param name="ToPot">Seedlings that live to be potted on.</param>
/// <param name="ToHardened">Of these, through growing on and hardening off.</param>
/// <param name="ToPlanted">Of these, the first weeks after planting out.</param>
public readonly record struct StageSurvival(double ToPot, double ToHardened, double ToPlanted)
{
    /// <summary>Where the grower says nothing (our assumption).</summary>
    public static StageSurvival Assumed => new(0.9, 0.97, 0.975);

    public double Total => ToPot * ToHardened * ToPlanted;

    public string Words =>
        Text.Of($"Survival {ToPot:0.###} to the pot × {ToHardened:0.###} to hardened × {ToPlanted:0.###} planted = {Total:P1}.");
}
