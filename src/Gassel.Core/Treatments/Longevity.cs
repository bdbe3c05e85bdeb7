namespace Gassel.Core.Treatments;

/// <summary>How seed of a kind keeps in ordinary dry storage.</summary>
public enum Longevity
{
    [Words("short-lived: half dies in a year")]
    Short,

    [Words("medium: half dies in 3 years")]
    Medium,

    [Words("long: half dies in 8 years")]
    Long,

    [Words("hard-coated: half dies in 20 years")]
    HardCoated,
}
