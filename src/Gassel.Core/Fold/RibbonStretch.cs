using Gassel.Core.Treatments;

namespace Gassel.Core.Fold;

/// <summary>A stretch of the ribbon. Start and end as they happened, or as they will follow from what happened.</summary>
public sealed record RibbonStretch(
    int Step,
    StepKind Kind,
    DateOnly Start,
    DateOnly End,
    RibbonTime Time,
    DateOnly PlannedStart,
    DateOnly PlannedEnd
);
