namespace Gassel.Core.Climate;

/// <summary>
/// Winters by the year in which they begin: from 1 July in the north, from 1 January in the south (our assumption). Whatever speaks of a
/// season asks here.
/// </summary>
public static class Winters
{
    /// <summary>What is shown of a season: to the end of the summer after next, months.</summary>
    private const int ShownMonths = 15;

    /// <param name="south">The equator counts as north.</param>
    public static int Of(DateOnly day, bool south) => south || day.Month >= 7 ? day.Year : day.Year - 1;

    /// <summary>The first day of a winter.</summary>
    public static DateOnly FirstDay(int winter, bool south) => new(winter, south ? 1 : 7, 1);

    /// <summary>
    /// The season that is worked on: from the end of summer, a month into the winter by its name, past the next summer. The last day
    /// is not in it.
    /// </summary>
    public static (DateOnly From, DateOnly To) Shown(DateOnly today, bool south)
    {
        var from = FirstDay(Of(today.AddMonths(-1), south), south).AddMonths(1);
        return (from, from.AddMonths(ShownMonths));
    }

    /// <summary>
    /// The winter that the next container set out belongs to: this one until the end of April, half a year later in the south.
    /// </summary>
    public static int ToSetOut(DateOnly today, bool south) => Of(new DateOnly(today.Year, today.Month, 1).AddMonths(2), south);

    /// <summary>The first day that containers are set out: the first of October, half a year later in the south (our assumption).</summary>
    public static DateOnly SetOutFrom(int winter, bool south) => FirstDay(winter, south).AddMonths(3);
}
