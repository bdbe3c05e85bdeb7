namespace Gassel.Core.Climate;

/// <summary>Winters by the year in which they begin: from 1 July in the north, from 1 January in the south (our assumption).</summary>
public static class Winters
{
    /// <param name="south">The equator counts as north.</param>
    public static int Of(DateOnly day, bool south) => south || day.Month >= 7 ? day.Year : day.Year - 1;
}
