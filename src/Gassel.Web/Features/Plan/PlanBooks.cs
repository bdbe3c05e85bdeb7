using Gassel.Core.Climate;
using Gassel.Data;
using Gassel.Web.Features.Learning;
using Gassel.Web.Features.Site;
using Gassel.Web.Runtime;

namespace Gassel.Web.Features.Plan;

/// <summary>What plans are computed from, at hand.</summary>
internal sealed class PlanBooks(
    Library library,
    LotBook lots,
    BatchShelf shelf,
    OwnBatches own,
    ColdLessons cold,
    WarmthLessons warmth,
    EvidenceBook evidence,
    WeatherBook weather,
    SiteClock clock
)
{
    public Library Library => library;
    public LotBook Lots => lots;
    public BatchShelf Shelf => shelf;
    public OwnBatches Own => own;
    public ColdLessons Cold => cold;
    public WarmthLessons Warmth => warmth;
    public EvidenceBook Evidence => evidence;
    public SiteClock Clock => clock;
    public FrostOutlook? Frost => SiteFrost.Outlook(clock, weather);
    public IReadOnlyList<FrostDay> FrostDays => SiteFrost.Days(clock, weather);
}
