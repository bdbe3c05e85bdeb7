namespace Gassel.Core.Seed;

/// <summary>Two schools of how viability falls with age.</summary>
public enum ViabilitySchool
{
    /// <summary>A fixed share each year.</summary>
    Share,

    /// <summary>25 points a year: a vegetable-seed rule.</summary>
    Points,
}
