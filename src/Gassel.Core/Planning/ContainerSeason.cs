using Gassel.Core.Climate;

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
    /// <param name="told">Days that the winters on record allow, of any one winter; null where they say none.</param>
    public static DateWindow Before(DateOnly wanted, DateOnly today, bool isSouth, (DateOnly From, DateOnly To)? told = null)
    {
        var midwinter = new DateOnly(wanted.Year, isSouth ? 7 : 1, 1);
        if (midwinter > wanted)
            midwinter = midwinter.AddYears(-1);
        // days on record that are just over leave a smaller chance, not none: this winter goes on
        while (Days.Later(Around(midwinter).To, midwinter.AddDays(LaterDays)) < today)
            midwinter = midwinter.AddYears(1);
        var (from, to) = Around(midwinter);
        var usual = Days.Earlier(Days.Later(midwinter, from), to);
        return new(Days.Later(from, today), Days.Later(usual, today), Days.Later(to, today));

        (DateOnly From, DateOnly To) Around(DateOnly middle)
        {
            if (told is not { } days)
                return (middle.AddDays(-EarlierDays), middle.AddDays(LaterDays));
            var years = Winters.Of(middle, isSouth) - Winters.Of(days.From, isSouth);
            return (days.From.AddYears(years), days.To.AddYears(years));
        }
    }
}
