using Gassel.Core.Fold;
using Gassel.Core.Treatments;

namespace Gassel.Web.Features.Season;

/// <summary>A step along the ribbon: kind, start, end, time, planned start and end.</summary>
public sealed record SeasonStretch(
    StepKind Kind,
    DateOnly Start,
    DateOnly End,
    RibbonTime Time,
    DateOnly PlannedStart,
    DateOnly PlannedEnd
);
