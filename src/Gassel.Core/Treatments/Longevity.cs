namespace Gassel.Core.Treatments;

/// <summary>How seed of a kind keeps in ordinary dry storage.</summary>
public enum Longevity
{
    Short,
    Medium,
    Long,
    HardCoated,
}
