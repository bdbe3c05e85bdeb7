namespace Gassel.Web.Features.Calculators;

public sealed record ScheduleRequest(AnchorInput Anchor, DateOnly Today, IReadOnlyList<StepInput> Steps);
