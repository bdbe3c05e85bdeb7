using Gassel.Web.Runtime;
using Gassel.Core.Climate;
using Gassel.Core.Planning;
using Gassel.Core.Record;
using Gassel.Core.Seed;
using Gassel.Core.Treatments;
using Gassel.Data;
using Gassel.Web.Features.Learning;
using Gassel.Web.Features.Seed;
using Gassel.Web.Features.Site;
using Gassel.Web.Hosting;
using Gassel.Web.Problems;

namespace Gassel.Web.Features.Plan;

/// <summary>What plans are computed from, at hand.</summary>
internal sealed class PlanBooks(Library library, LotBook lots, BatchShelf shelf, OwnBatches own, WeatherBook weather, SiteClock clock)
{
    public Library Library => library;
    public LotBook Lots => lots;
    public BatchShelf Shelf => shelf;
    public OwnBatches Own => own;
    public SiteClock Clock => clock;
    public FrostOutlook? Frost => SiteFrost.Outlook(clock, weather);
    public IReadOnlyList<FrostDay> FrostDays => SiteFrost.Days(clock, weather);
}
