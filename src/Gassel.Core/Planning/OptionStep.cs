using Gassel.Core.Treatments;

namespace Gassel.Core.Planning;

/// <summary>A step of a shortfall option with its exact days; 0 days where the option skips it.</summary>
public sealed record OptionStep(StepKind Kind, int Days, DateOnly Start, DateOnly End);
