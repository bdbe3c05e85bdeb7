namespace Gassel.Core;

/// <summary>In which units a site is spoken to; everything is kept and computed metric.</summary>
public enum Units
{
    Metric,
    UnitedStates,
}
