using Gassel.Data;
using Microsoft.AspNetCore.Diagnostics;
using Microsoft.Data.Sqlite;

namespace Gassel.Web.Problems;

/// <summary>
/// A disk that is full, or a book that another program holds locked, while the program runs: nothing of the request was saved, and that is
/// said.
/// </summary>
internal sealed class StorageErrors(BookFile file) : IExceptionHandler
{
    public async ValueTask<bool> TryHandleAsync(HttpContext context, Exception exception, CancellationToken cancellationToken)
    {
        var why =
            (exception as SqliteException ?? exception.InnerException as SqliteException) is { } sqlite ? DiskFault.Of(sqlite, file.Folder)
            : exception is IOException disk and not BadHttpRequestException && DiskFault.IsOfTheDisk(disk) ? DiskFault.Of(disk, file.Folder)
            : null;
        if (why is null)
            return false;
        await new Refusal(null, $"Nothing was saved. {why}", StatusCodes.Status503ServiceUnavailable, "Not saved")
            .ToResult()
            .ExecuteAsync(context);
        return true;
    }
}
