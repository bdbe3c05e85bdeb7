using System.Globalization;

namespace Gassel.Core;

/// <summary>A share as a percentage that stays what it is: 0.4 % is not 0 %, 99.9 % not 100 %.</summary>
public static class Percent
{
    /// <param name="share">0..1.</param>
    public static string Of(double share)
    {
        var percent = share * 100;
        // as many digits as tell it apart from the end it is near
        var distance = Math.Min(Math.Abs(percent), Math.Abs(100 - percent));
        var digits =
            percent is 0 or 100 ? 0
            : distance >= 10 ? 1
            : Math.Clamp(1 - (int)Math.Floor(Math.Log10(distance)), 1, 12);
        return Math.Round(percent, Math.Min(digits, 12)).ToString("0." + new string('#', digits), CultureInfo.InvariantCulture) + " %";
    }
}
