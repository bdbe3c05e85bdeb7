namespace Gassel.Core.Due;

/// <summary>When a dome comes off (schools of the trade; common practice, no source). Cool kinds get none.</summary>
public enum DomeSchool
{
    [Words("at half of those expected, or a few days after the first, whichever comes first")]
    WhicheverFirst,

    [Words("at half of the seedlings expected")]
    HalfOfExpected,

    [Words("a few days after the first seedling")]
    FewDaysAfterFirst,
}
