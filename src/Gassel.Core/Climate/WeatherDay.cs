namespace Gassel.Core.Climate;

/// <summary>A day of weather.</summary>
public readonly record struct WeatherDay(DateOnly Date, double MinC, double MaxC, bool Wet, double SnowCm)
{
    public double MeanC => (MinC + MaxC) / 2;
}
