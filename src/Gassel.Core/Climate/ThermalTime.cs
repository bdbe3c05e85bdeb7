namespace Gassel.Core.Climate;

/// <summary>Thermal time from the first to nearly the last of the seed that comes up, °C·d.</summary>
public readonly record struct ThermalTime(double T10, double T50, double T90)
{
    /// <summary>
    /// From days on a packet at one temperature: d × (rate at T), the shortest as a tenth, the longest as nine tenths, half at their
    /// geometric mean (our assumption).
    /// </summary>
    /// <param name="shortestDays">Above 0.</param>
    /// <param name="atC">Above the base and below the ceiling.</param>
    public static ThermalTime OfPacket(double shortestDays, double longestDays, double atC, ThermalRate rate)
    {
        var (t10, t90) = (shortestDays * rate.At(atC), longestDays * rate.At(atC));
        return new(t10, Math.Sqrt(t10 * t90), t90);
    }
}
