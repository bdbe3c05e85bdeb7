using Gassel.Data;
using Gassel.Web.Runtime;
using Microsoft.Data.Sqlite;

namespace Gassel.Web.Hosting;

/// <summary>Reads and folds the entries while the first page is on its way, so that the page does not wait for them.</summary>
internal sealed class ShelfFilling(BatchShelf shelf) : BackgroundService
{
    protected override async Task ExecuteAsync(CancellationToken stoppingToken)
    {
        if (Launch.IsDescribing)
            return;
        try
        {
            await shelf.All();
        }
        catch (Exception failed) when (failed is SqliteException or InvalidOperationException or IOException or ObjectDisposedException)
        {
            // whoever asks for a batch is told, with what to do
        }
    }
}
