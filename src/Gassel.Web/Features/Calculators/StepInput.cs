using Gassel.Core.Treatments;

namespace Gassel.Web.Features.Calculators;

public readonly record struct StepInput
{
    public required StepKind Kind { get; init; }
    public required DaysInput Days { get; init; }
    public bool? Optional { get; init; }
    public string? Note { get; init; }
}
