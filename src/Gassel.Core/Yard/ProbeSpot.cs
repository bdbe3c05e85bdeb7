namespace Gassel.Core.Yard;

/// <summary>Where the thermometer lay.</summary>
public enum ProbeSpot
{
    Medium,
    Air,
}
