using Gassel.Core.Treatments;

namespace Gassel.Web.Features.Wishes;

/// <param name="End">Day on which the next step starts.</param>
public sealed record WishStep(StepKind Kind, DateOnly Start, DateOnly End);
