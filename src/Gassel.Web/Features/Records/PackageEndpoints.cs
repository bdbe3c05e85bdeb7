using Gassel.Data;
using Gassel.Data.Packages;
using Gassel.Data.People;
using Gassel.Web.Features.People;
using Gassel.Web.Problems;
using Gassel.Web.Runtime;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.AspNetCore.Mvc;

namespace Gassel.Web.Features.Records;

/// <summary>The whole book as one open package, out and in.</summary>
internal static class PackageEndpoints
{
    private const long MaxBytes = 500_000_000;
    private const string Zip = "application/zip";

    public static void MapPackage(this RouteGroupBuilder api)
    {
        api.MapGet("/book/package", Out).For(Role.Owner).Produces<byte[]>(200, Zip).ProducesProblem(400);
        api.MapPost("/book/package", In)
            .For(Role.Owner)
            .Accepts<byte[]>(Zip)
            .WithMetadata(new RequestSizeLimitAttribute(MaxBytes))
            .ProducesProblem(400)
            .ProducesProblem(413)
            .ProducesProblem(415);
    }

    private static async Task<IResult> Out(string? licence, BookFile file, SiteClock clock, CancellationToken cancel)
    {
        var words = new QueryWords();
        var terms = words.Name<PackageLicence>("licence", licence) ?? PackageLicence.NotSpecified;
        if (words.Refusal is { } unclear)
            return unclear.ToResult();
        var (now, into) = (clock.GetUtcNow(), Beside(file));
        try
        {
            // written whole before the first byte leaves: what arrives is whole, or an error
            await Task.Run(() => PackageWriter.Write(file, into, terms, now, cancel), cancel);
            into.Position = 0;
        }
        catch
        {
            await into.DisposeAsync();
            throw;
        }
        return Results.File(into, Zip, Core.Text.Of($"gassel-{clock.Today:yyyy-MM-dd}.zip"));
    }

    /// <summary>Judges the package; without <c>dryRun</c> all that is new is taken in.</summary>
    private static async Task<Results<Ok<PackageReport>, ProblemHttpResult>> In(
        HttpRequest request,
        BookFile file,
        WriteGate gate,
        Func<GasselDb> connect,
        BookReread book,
        CancellationToken cancel,
        bool dryRun = false
    )
    {
        try
        {
            await using var arriving = Beside(file);
            await request.Body.CopyToAsync(arriving, cancel);
            arriving.Position = 0;
            using var package = await Task.Run(() => PackageImport.Read(file, arriving, cancel), cancel);
            if (dryRun)
                return TypedResults.Ok(await Task.Run(package.Look, cancel));
            return TypedResults.Ok(
                await gate.Write(
                    async () =>
                    {
                        var report = package.Save();
                        await using (var db = connect())
                            await StarterBook.Fill(db);
                        await book.All();
                        return report;
                    },
                    cancel
                )
            );
        }
        catch (PackageException refused)
        {
            return new Refusal("package", Core.Text.Of($"{refused.Message}. Nothing was taken in.")).ToResult();
        }
    }

    /// <summary>A file beside the book that goes when it is closed; after a kill, at the next start.</summary>
    private static FileStream Beside(BookFile file) =>
        new(
            Path.Combine(file.Folder, $"package-{Guid.NewGuid():N}{BookFile.Arriving}"),
            new FileStreamOptions
            {
                Mode = FileMode.CreateNew,
                Access = FileAccess.ReadWrite,
                Options = FileOptions.DeleteOnClose | FileOptions.Asynchronous,
            }
        );
}
