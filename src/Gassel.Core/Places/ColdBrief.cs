namespace Gassel.Core.Places;

/// <summary>Cold so far in a few numbers by one school: days, or hours where hours are the school.</summary>
/// <param name="Certain">Low end of what was gained.</param>
/// <param name="Assumed">Of it, what nobody measured.</param>
/// <param name="UsualMet">When the usual need is met.</param>
public sealed record ColdBrief(
    ColdSchool School,
    double Gained,
    double Certain,
    double Assumed,
    int Shortest,
    int Usual,
    ColdMet UsualMet,
    IReadOnlyList<string> Working
)
{
    public static ColdBrief? Of(ColdSoFar? cold, ColdSchool school)
    {
        if (cold is null)
            return null;
        double By(ColdAmount amount) =>
            school switch
            {
                ColdSchool.Calendar => amount.Days,
                ColdSchool.ChillHours => amount.ChillHours,
                _ => amount.Effective,
            };
        int Asked(ColdNeed need) => school == ColdSchool.ChillHours ? need.ChillHours : need.Days;
        return new(
            school,
            By(cold.All),
            By(cold.Certain),
            By(cold.Assumed),
            Asked(cold.Shortest),
            Asked(cold.Usual),
            cold.Usual.By(school),
            cold.Working
        );
    }
}
