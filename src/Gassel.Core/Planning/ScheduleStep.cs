using Gassel.Core.Treatments;

namespace Gassel.Core.Planning;

/// <summary>What scheduling needs to know of a step.</summary>
public sealed record ScheduleStep(StepKind Kind, DurationRange Days, bool Optional = false, string? Note = null);
