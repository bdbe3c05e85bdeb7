namespace Gassel.Core.Germination;

/// <summary>Seed treated alike: how many came up of how many.</summary>
/// <param name="Sown">At least 1 and at least <paramref name="Emerged"/>.</param>
public sealed record Arm(string Name, int Emerged, int Sown)
{
    public double Fraction => (double)Emerged / Sown;
}
