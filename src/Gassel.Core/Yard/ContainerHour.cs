namespace Gassel.Core.Yard;

/// <summary>The weather of one hour around a container.</summary>
/// <param name="At">Its beginning.</param>
/// <param name="SolarWm2">Sun on level ground, W/m².</param>
/// <param name="Clearness">Share of the day without cloud, 0..1.</param>
public readonly record struct ContainerHour(DateTimeOffset At, double TempC, double SolarWm2, double SnowCm, double Clearness, bool SunUp)
{
    public DateOnly Date => DateOnly.FromDateTime(At.DateTime);
}
