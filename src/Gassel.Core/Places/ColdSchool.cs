namespace Gassel.Core.Places;

/// <summary>By which of the three reckonings cold is counted first.</summary>
public enum ColdSchool
{
    [Words("days of the calendar")]
    Calendar,

    /// <summary>Hours from 0 to 7.2 °C.</summary>
    [Words("hours from 0 to 7.2 °C", UnitedStates = "hours from 32 to 45 °F")]
    ChillHours,

    /// <summary>Days weighted by temperature.</summary>
    [Words("days weighted by temperature")]
    Weighted,
}
