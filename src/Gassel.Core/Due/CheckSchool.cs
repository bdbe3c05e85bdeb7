namespace Gassel.Core.Due;

/// <summary>How often bags are looked at.</summary>
public enum CheckSchool
{
    Weekly,

    /// <summary>Every second week until half of the shortest time, weekly from there.</summary>
    Fortnightly,
}
