namespace Gassel.Core.Due;

/// <summary>How often bags are looked at.</summary>
public enum CheckSchool
{
    [Words("every week")]
    Weekly,

    /// <summary>Every second week until half of the shortest time, weekly from there.</summary>
    [Words("every second week until half of the shortest time")]
    Fortnightly,
}
