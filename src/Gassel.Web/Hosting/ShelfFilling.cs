using Gassel.Data;
using Gassel.Web.Runtime;

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
        catch (Exception failed) when (failed is not OutOfMemoryException)
        {
            // a book that cannot be read ends no start: whoever asks for a batch is told, with what to do
        }
    }
}
