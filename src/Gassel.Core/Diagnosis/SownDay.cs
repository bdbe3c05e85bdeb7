using Gassel.Core.Places;

namespace Gassel.Core.Diagnosis;

/// <summary>One day of the place in which seed was to come up.</summary>
public readonly record struct SownDay(DateOnly Date, double MeanC, double MinC, double MaxC, TemperatureSource Source);
