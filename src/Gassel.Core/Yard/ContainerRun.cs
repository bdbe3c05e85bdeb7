namespace Gassel.Core.Yard;

/// <summary>A container hour by hour.</summary>
/// <param name="AirC">Air inside at the end of each hour.</param>
/// <param name="MediumC">Mix at the end of each hour.</param>
public sealed record ContainerRun(
    IReadOnlyList<ContainerHour> Hours,
    double StartAirC,
    double StartMediumC,
    double[] AirC,
    double[] MediumC,
    HeatAccount Heat
)
{
    /// <summary>Air before the hour.</summary>
    public double AirBefore(int hour) => hour == 0 ? StartAirC : AirC[hour - 1];

    /// <summary>Mix before the hour.</summary>
    public double MediumBefore(int hour) => hour == 0 ? StartMediumC : MediumC[hour - 1];
}
