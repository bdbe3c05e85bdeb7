using Gassel.Core.Climate;

namespace Gassel.Core.Places;

/// <summary>One day of a place.</summary>
/// <param name="Known">The hours with readings.</param>
/// <param name="Filled">The hours without, by assumption.</param>
/// <param name="Source">What most of the day rests on.</param>
public readonly record struct PlaceDay(TemperatureDay Known, TemperatureDay Filled, TemperatureSource Source)
{
    public TemperatureDay Whole =>
        new(
            Known.Date,
            ((Known.MeanC * Known.CoveredHours) + (Filled.MeanC * Filled.CoveredHours))
                / Math.Max(1e-9, Known.CoveredHours + Filled.CoveredHours),
            Known.CoveredHours > 0 ? Known.MinC : Filled.MinC,
            Known.CoveredHours > 0 ? Known.MaxC : Filled.MaxC,
            Known.CoveredHours + Filled.CoveredHours,
            Known.ChillHours + Filled.ChillHours,
            Known.Effective + Filled.Effective
        );
}
