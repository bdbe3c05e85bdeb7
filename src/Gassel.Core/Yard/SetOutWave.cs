using Gassel.Core.Treatments;

namespace Gassel.Core.Yard;

/// <summary>Into which wave of setting out a species falls (our assumption: thirds of the winter by its last good day).</summary>
public static class SetOutWave
{
    private const int BeforeMidwinter = 75;
    private const int Midwinter = 120;
    private const int LateWinter = 160;

    /// <summary>A tender seedling waits for the spring whatever its seed needs.</summary>
    /// <param name="window">Null where no day has enough cold in nine winters of ten.</param>
    /// <param name="first">First day of the season to set out on: 1 October, in the south 1 April.</param>
    public static string Words(SetOutWindow? window, DateOnly first, SeedlingHardiness hardiness)
    {
        if (hardiness == SeedlingHardiness.Tender)
            return "spring: its seedlings survive no frost";
        if (window is not { } days)
            return "as early as possible: no day has enough cold in nine winters of ten";
        return (days.Latest.DayNumber - first.DayNumber) switch
        {
            < BeforeMidwinter => "first wave, before midwinter",
            < Midwinter => "second wave, midwinter",
            < LateWinter => "third wave, late winter",
            _ => "any time to early spring",
        };
    }
}
