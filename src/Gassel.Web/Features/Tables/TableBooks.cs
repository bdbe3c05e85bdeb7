using Gassel.Data;
using Gassel.Web.Runtime;

namespace Gassel.Web.Features.Tables;

/// <summary>What tables are written from.</summary>
internal sealed class TableBooks(Library library, LotBook lots, BatchShelf shelf, WeatherBook weather, SiteClock clock)
{
    public Library Library => library;
    public LotBook Lots => lots;
    public BatchShelf Shelf => shelf;
    public WeatherBook Weather => weather;
    public SiteClock Clock => clock;
}
