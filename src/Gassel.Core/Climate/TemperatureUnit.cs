namespace Gassel.Core.Climate;

public enum TemperatureUnit
{
    Celsius,
    Fahrenheit,
}
