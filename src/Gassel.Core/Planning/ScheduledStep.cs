using Gassel.Core.Treatments;

namespace Gassel.Core.Planning;

/// <summary>A step with its days. <c>End</c> is the day on which the next step starts.</summary>
public sealed record ScheduledStep(StepKind Kind, DateWindow Start, DateWindow End);
