namespace Gassel.Core.Climate;

/// <summary>A day's minimum and maximum, °C; null where missing.</summary>
/// <param name="SnowCm">Depth of the snow; null where nobody measured it.</param>
public readonly record struct DailyTemperature(DateOnly Date, double? MinC, double? MaxC, double? SnowCm = null)
{
    public double? MeanC => (MinC + MaxC) / 2;
}
