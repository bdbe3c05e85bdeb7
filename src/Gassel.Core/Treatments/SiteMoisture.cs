namespace Gassel.Core.Treatments;

/// <summary>How wet the ground is where it is planted, from the driest on.</summary>
public enum SiteMoisture
{
    [Words("dry")]
    Dry,

    [Words("average")]
    Medium,

    [Words("wet")]
    Wet,
}
