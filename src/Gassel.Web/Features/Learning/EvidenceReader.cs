using Gassel.Core.Planning;
using Gassel.Data;
using Gassel.Data.Packages;
using Gassel.Data.Readings;
using Gassel.Web.Features.Book;
using Gassel.Web.Runtime;
using Microsoft.Data.Sqlite;
using Microsoft.EntityFrameworkCore;

namespace Gassel.Web.Features.Learning;

/// <summary>Reads the package of another nursery into a book that is thrown away, and keeps what its finished batches did.</summary>
internal sealed class EvidenceReader(SiteClock clock, ILoggerFactory logs)
{
    /// <exception cref="PackageException">It cannot be read, is made up, or has no finished batch.</exception>
    /// <exception cref="OperationCanceledException">It was called off.</exception>
    public async Task<KeptEvidence> Read(Stream packed, CancellationToken cancel)
    {
        var folder = Directory.CreateTempSubdirectory("gassel-evidence-").FullName;
        string? pool = null;
        try
        {
            using var file = new BookFile(folder);
            pool = file.ConnectionString;
            var options = new DbContextOptionsBuilder<GasselDb>();
            file.Configure(options);
            GasselDb Connect() => new(options.Options);
            file.Open();
            PackageReport report;
            using (var package = PackageImport.Read(file, packed, cancel))
                report = package.Save();
            if (report.MadeUp)
                throw new PackageException("the package", "is made up, so it teaches nothing");
            var (library, readings) = (new Library(Connect), new ReadingBook(file, Connect));
            using var shelf = new BatchShelf(Connect);
            var aside = new SetAside(logs.CreateLogger<SetAside>());
            var names = (await library.Species()).ToDictionary(s => s.Id, s => s.ScientificName);
            var results = (await new OwnBatches(shelf, aside, library, readings, clock).All())
                .Where(f => f.Result.Accident is null)
                .Select(f => Of(f, names[f.Result.SpeciesId]))
                .ToList();
            return results.Count == 0
                ? throw new PackageException("the package", "has no finished batch, so it teaches nothing yet")
                : new(Guid.CreateVersion7(clock.GetUtcNow()), report.Title, report.CreatedAt, clock.GetUtcNow(), results);
        }
        finally
        {
            // what is pooled would hold the file open
            if (pool is not null)
            {
                using var pooled = new SqliteConnection(pool);
                SqliteConnection.ClearPool(pooled);
            }
            Directory.Delete(folder, recursive: true);
        }
    }

    private static EvidenceResult Of(FinishedBatch finished, string name)
    {
        var (result, route) = (finished.Result, finished.Batch.Plan.Route);
        return new(
            name,
            route.Setting,
            [.. route.Treatment.Select(s => s.Kind)],
            result.ColdDays,
            result.Germinated,
            result.Seeds,
            result.AtLeast,
            result.OverOn
        );
    }
}
