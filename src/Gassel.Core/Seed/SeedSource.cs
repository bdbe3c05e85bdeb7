namespace Gassel.Core.Seed;

public enum SeedSource
{
    WildCollected,

    /// <summary>Cleaned seed as bought.</summary>
    CleanedBought,
}
