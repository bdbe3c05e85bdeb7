using Gassel.Core.Treatments;

namespace Gassel.Core.Climate;

/// <summary>What one day's temperatures come to, under one response.</summary>
/// <param name="MeanC">Over the covered hours.</param>
/// <param name="CoveredHours">Hours that something is known of.</param>
/// <param name="ChillHours">Hours from 0 to 7.2 °C.</param>
/// <param name="Effective">Days of cold by weight: ∫ r dt ÷ 24 h.</param>
public readonly record struct TemperatureDay(
    DateOnly Date,
    double MeanC,
    double MinC,
    double MaxC,
    double CoveredHours,
    double ChillHours,
    double Effective
)
{
    /// <summary>An hour of chilling lies in this range, °C, both ends inclusive (common practice, no source; 45 °F).</summary>
    public const double ChillFromC = 0;
    public const double ChillToC = 7.2;

    /// <summary>From a minimum and a maximum, as one sine.</summary>
    public static TemperatureDay FromRange(DateOnly date, double minC, double maxC, ColdResponse response) =>
        new(
            date,
            (minC + maxC) / 2,
            minC,
            maxC,
            24,
            SingleSineDay.HoursBetween(minC, maxC, ChillFromC, ChillToC),
            SingleSineDay.Effect(minC, maxC, response)
        );

    /// <summary>A whole day at one temperature.</summary>
    public static TemperatureDay Constant(DateOnly date, double tempC, ColdResponse response) => FromRange(date, tempC, tempC, response);
}
