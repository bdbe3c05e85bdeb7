using Gassel.Core.Climate;

namespace Gassel.Core.Yard;

/// <summary>One day inside a container.</summary>
/// <param name="FrozenHours">Hours that ended with ice in the mix.</param>
/// <param name="Effective">Days of cold by weight in the mix.</param>
public readonly record struct ContainerDay(
    DateOnly Date,
    double OutdoorMinC,
    double OutdoorMaxC,
    double AirMinC,
    double AirMaxC,
    double MediumMinC,
    double MediumMaxC,
    double MediumMeanC,
    double FrozenHours,
    double Effective,
    double ChillHours
)
{
    public TemperatureDay ToTemperatureDay() => new(Date, MediumMeanC, MediumMinC, MediumMaxC, 24, ChillHours, Effective);
}
