using Gassel.Core.Treatments;

namespace Gassel.Core.Places;

/// <summary>A need, and when it is met by each school.</summary>
/// <param name="Days">Days of cold asked for.</param>
/// <param name="Weighted">By the species' own response.</param>
/// <param name="ByDefault">By <see cref="ColdResponse.Default"/>.</param>
public sealed record ColdNeed(int Days, ColdMet Weighted, ColdMet ByDefault, ColdMet Hours, ColdMet Calendar)
{
    /// <summary>The same need in hours of chilling.</summary>
    public int ChillHours => Days * 24;

    public ColdMet By(ColdSchool school) =>
        school switch
        {
            ColdSchool.Calendar => Calendar,
            ColdSchool.ChillHours => Hours,
            _ => Weighted,
        };
}
