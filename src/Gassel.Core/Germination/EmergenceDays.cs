using Gassel.Core.Climate;
using Gassel.Core.Treatments;

namespace Gassel.Core.Germination;

/// <summary>The days of a route to emergence as thermal time, at the temperature that they are meant for.</summary>
public static class EmergenceDays
{
    /// <summary>A band that ends below this is that of a kind that comes up in the cool, °C (our assumption).</summary>
    private const double CoolBelowC = 16;

    /// <summary>Of sowings at one temperature (our rule).</summary>
    private const double MostApart = 3;

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

    /// <summary>
    /// Days in which seedlings come up by the warmth of own sowings: from the first tenth of an early sowing to the last tenth of a late
    /// one, nine sowings in ten being neither earlier nor later. Null where they do not tell it at that temperature.
    /// </summary>
    /// <remarks>Far from the temperatures of the sowings it is a guess between days and years: where the middle of a late sowing takes more
    /// than <see cref="MostApart"/> times that of an early one, the days of the route stay.</remarks>
    /// <param name="own">Null where Gassel does not go by them.</param>
    /// <param name="route">Outdoors null, where the weather has its say.</param>
    public static DurationRange? By(WarmthLearned? own, Species species, Route route) =>
        route.IsOutdoors || route.Steps.FirstOrDefault(s => s.Kind == StepKind.Germinate) is not { } comesUp ? null
        : own?.At(MeantC(species, comesUp)) is { } days && days.High <= MostApart * days.Low
            ? new(
                (int)Math.Floor(days.Tenth * days.Low / days.Half),
                (int)Math.Round(days.Half),
                (int)Math.Ceiling(days.NineTenths * days.High / days.Half)
            )
        : null;

    /// <summary>The middle of the band: a packet speaks of days in which it comes up, not of the ends of what it stands; °C.</summary>
    public static double MeantC(Species species, RouteStep comesUp)
    {
        var band = comesUp.Band ?? species.Germination;
        return (band.LowC + band.HighC) / 2;
    }
}
