using Gassel.Core.Treatments;

namespace Gassel.Core.Planning;

/// <summary>When a step begins and ends, as it was or as it will follow.</summary>
public sealed record StepOutlook(int Step, StepKind Kind, DateWindow Start, DateWindow End);
