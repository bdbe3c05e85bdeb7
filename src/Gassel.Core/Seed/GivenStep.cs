using Gassel.Core.Treatments;

namespace Gassel.Core.Seed;

/// <summary>A step given to tested seed, with its days; 0 for work of hours.</summary>
public sealed record GivenStep(StepKind Kind, int Days);
