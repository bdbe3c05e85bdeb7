using Gassel.Core.Climate;
using Gassel.Core.Treatments;

namespace Gassel.Core.Germination;

/// <summary>The days of a route to emergence as thermal time, at the temperature that they are meant for.</summary>
public static class EmergenceDays
{
    /// <summary>A band that ends below this is that of a kind that comes up in the cool, °C (our assumption).</summary>
    private const double CoolBelowC = 16;

    public static bool IsCool(Species species) => species.Germination.HighC < CoolBelowC;

    /// <param name="comesUp">The last step of a route.</param>
    public static WarmthPrior Of(Species species, RouteStep comesUp)
    {
        var rate = IsCool(species) ? ThermalRate.Cool : ThermalRate.General;
        return new(
            rate,
            ThermalTime.OfPacket(
                Math.Max(1, comesUp.Days.Shortest),
                Math.Max(1, comesUp.Days.Longest),
                Math.Clamp(MeantC(species, comesUp), rate.BaseC + 1, rate.OptimumC ?? double.MaxValue),
                rate
            )
        );
    }

    /// <summary>The middle of the band: a packet speaks of days in which it comes up, not of the ends of what it stands; °C.</summary>
    public static double MeantC(Species species, RouteStep comesUp)
    {
        var band = comesUp.Band ?? species.Germination;
        return (band.LowC + band.HighC) / 2;
    }
}
