namespace Gassel.Core.Climate;

/// <summary>The units of a forecast as it comes.</summary>
public sealed record ForecastUnits(
    TemperatureUnit Temperature = TemperatureUnit.Celsius,
    SpeedUnit Wind = SpeedUnit.KilometersPerHour,
    DepthUnit Rain = DepthUnit.Millimeters,
    DepthUnit Snow = DepthUnit.Centimeters
)
{
    public double ToC(double value) => Temperature == TemperatureUnit.Fahrenheit ? Math.Round((value - 32) / 1.8, 2) : value;

    public double ToKmh(double value) =>
        Wind switch
        {
            SpeedUnit.MilesPerHour => value * 1.609344,
            SpeedUnit.MetersPerSecond => value * 3.6,
            // a nautical mile is 1852 m by definition
            SpeedUnit.Knots => value * 1.852,
            _ => value,
        };

    public double ToRainMm(double value) => value * Millimeters(Rain);

    public double ToSnowCm(double value) => value * Millimeters(Snow) / 10;

    private static double Millimeters(DepthUnit unit) =>
        unit switch
        {
            DepthUnit.Centimeters => 10,
            DepthUnit.Meters => 1000,
            DepthUnit.Inches => 25.4,
            _ => 1,
        };
}
