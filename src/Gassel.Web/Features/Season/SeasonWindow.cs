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

/// <summary>Days on which a batch may begin, both inclusive.</summary>
public sealed record SeasonWindow(DateOnly From, DateOnly To);
