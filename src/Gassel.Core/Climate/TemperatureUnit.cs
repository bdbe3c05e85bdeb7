namespace Gassel.Core.Climate;

public enum TemperatureUnit
{
    [Words("Celsius")]
    Celsius,

    [Words("Fahrenheit")]
    Fahrenheit,
}
