namespace Gassel.Core.Planning;

/// <summary>
/// Days on which a lidded container goes out: midwinter for seed that needs cold (common practice, no source), whatever day its plants are
/// wanted. The days themselves are our assumption; winters on record say more.
/// </summary>
public static class ContainerSeason
{
    /// <summary>Before midwinter, from which it may stand out.</summary>
    private const int EarlierDays = 31;

    /// <summary>After midwinter, until which there is enough cold to come.</summary>
    private const int LaterDays = 45;

    /// <summary>Of the winter before the day wanted, or of the first that can still be used.</summary>
    /// <param name="isSouth">South of the equator midwinter is in July.</param>
    public static DateWindow Before(DateOnly wanted, DateOnly today, bool isSouth)
    {
        var month = isSouth ? 7 : 1;
        var midwinter = new DateOnly(wanted.Year, month, 1);
        if (midwinter > wanted)
            midwinter = midwinter.AddYears(-1);
        while (midwinter.AddDays(LaterDays) < today)
            midwinter = midwinter.AddYears(1);
        return new(Days.Later(midwinter.AddDays(-EarlierDays), today), Days.Later(midwinter, today), midwinter.AddDays(LaterDays));
    }
}
