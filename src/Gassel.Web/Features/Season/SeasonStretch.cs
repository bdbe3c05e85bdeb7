using Gassel.Core.Climate;
using Gassel.Core.Due;
using Gassel.Core.Fold;
using Gassel.Core.Planning;
using Gassel.Core.Record;
using Gassel.Core.Treatments;
using Gassel.Data;
using Gassel.Web.Features.Batches;
using Gassel.Web.Features.Plants;
using Gassel.Web.Features.Site;
using Gassel.Web.Features.Yard;
using Gassel.Web.Hosting;

namespace Gassel.Web.Features.Season;

/// <summary>A step along the ribbon: kind, start, end, time, planned start and end.</summary>
public sealed record SeasonStretch(StepKind Kind, DateOnly Start, DateOnly End, RibbonTime Time, DateOnly PlannedStart, DateOnly PlannedEnd);
