namespace Gassel.Core.Climate;

/// <summary>A day's warmth for seed that comes up.</summary>
/// <param name="Degrees">Thermal time of the day, °C·d.</param>
/// <param name="AboveCeiling">Share of the day above the ceiling, 0..1.</param>
public readonly record struct ThermalDay(DateOnly Date, double Degrees, double AboveCeiling);
