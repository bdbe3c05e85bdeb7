namespace Gassel.Core.Places;

/// <summary>By which of the three reckonings cold is counted first.</summary>
public enum ColdSchool
{
    Calendar,

    /// <summary>Hours from 0 to 7.2 °C.</summary>
    ChillHours,

    /// <summary>Days weighted by temperature.</summary>
    Weighted,
}
