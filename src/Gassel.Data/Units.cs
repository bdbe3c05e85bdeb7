namespace Gassel.Data;

/// <summary>In which units the screens speak; everything is kept metric.</summary>
public enum Units
{
    Metric,
    UnitedStates,
}
