using Gassel.Data;
using Gassel.Data.Readings;
using Gassel.Web.Runtime;

namespace Gassel.Web.Features.Tables;

/// <summary>What tables are written from.</summary>
internal sealed class TableBooks(
    Library library,
    LotBook lots,
    BatchShelf shelf,
    WeatherBook weather,
    ReadingBook readings,
    SiteClock clock
)
{
    private IReadOnlySet<int>? _only;

    public Library Library => library;
    public LotBook Lots => lots;
    public WeatherBook Weather => weather;
    public ReadingBook Readings => readings;
    public SiteClock Clock => clock;

    /// <summary>The same with some batches alone, by their numbers; null for all.</summary>
    public TableBooks Only(IReadOnlySet<int>? batches) => new(library, lots, shelf, weather, readings, clock) { _only = batches };

    public async Task<IEnumerable<ShelvedBatch>> Batches() => (await shelf.All()).Where(b => _only?.Contains(b.Row.Number) != false);
}
