namespace Gassel.Core.Treatments;

/// <summary>The temperatures a step wants, °C, both ends inclusive.</summary>
public readonly record struct TemperatureBand(double LowC, double HighC)
{
    /// <summary>Cold-moist stratification: 1–5 °C works best (common practice, no source).</summary>
    public static TemperatureBand Cold => new(1, 5);

    /// <summary>Warm stratification: 20–25 °C (common practice, no source).</summary>
    public static TemperatureBand Warm => new(20, 25);

    public static TemperatureBand Room => new(18, 22);
}
