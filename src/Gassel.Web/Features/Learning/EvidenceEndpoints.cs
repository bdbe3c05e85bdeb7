using Gassel.Data;
using Gassel.Data.Packages;
using Gassel.Data.People;
using Gassel.Web.Features.People;
using Gassel.Web.Problems;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.AspNetCore.Mvc;

namespace Gassel.Web.Features.Learning;

/// <summary>Packages of other nurseries, read beside the book.</summary>
internal static class EvidenceEndpoints
{
    private const long MaxBytes = 500_000_000;

    public static void MapEvidence(this RouteGroupBuilder api)
    {
        api.MapGet("/evidence", async (EvidenceBook evidence, Library library) => await Views(evidence, library));
        api.MapPost("/evidence", Read)
            .For(Role.Owner)
            .Accepts<byte[]>("application/zip")
            .WithMetadata(new RequestSizeLimitAttribute(MaxBytes))
            .ProducesProblem(400)
            .ProducesProblem(413)
            .ProducesProblem(415);
        api.MapDelete("/evidence/{id:guid}", Remove).For(Role.Owner).ProducesProblem(404);
    }

    private static async Task<Results<Ok<List<EvidenceView>>, ProblemHttpResult>> Read(
        HttpRequest request,
        EvidenceBook evidence,
        EvidenceReader reader,
        Library library,
        WriteGate gate,
        CancellationToken cancel
    )
    {
        try
        {
            await using var arriving = new FileStream(
                Path.GetTempFileName(),
                new FileStreamOptions
                {
                    Mode = FileMode.Create,
                    Access = FileAccess.ReadWrite,
                    Options = FileOptions.DeleteOnClose | FileOptions.Asynchronous,
                }
            );
            await request.Body.CopyToAsync(arriving, cancel);
            arriving.Position = 0;
            var kept = await Task.Run(() => reader.Read(arriving, cancel), cancel);
            await gate.Write(
                async () =>
                {
                    await evidence.Keep(kept);
                    return true;
                },
                cancel
            );
            return TypedResults.Ok(await Views(evidence, library));
        }
        catch (PackageException refused)
        {
            return new Refusal("package", $"{refused.Message}. Nothing was read.").ToResult();
        }
    }

    private static async Task<Results<Ok<List<EvidenceView>>, ProblemHttpResult>> Remove(
        Guid id,
        EvidenceBook evidence,
        Library library,
        WriteGate gate,
        CancellationToken cancel
    ) =>
        await gate.Write(() => evidence.Remove(id), cancel)
            ? TypedResults.Ok(await Views(evidence, library))
            : Refusal.NotFound("id", id, "It may have been removed meanwhile.").ToResult();

    private static async Task<List<EvidenceView>> Views(EvidenceBook evidence, Library library)
    {
        var names = (await library.Species()).Select(s => s.ScientificName).ToHashSet(StringComparer.OrdinalIgnoreCase);
        return
        [
            .. (await evidence.All()).Select(e => new EvidenceView(
                e.Id,
                e.Nursery,
                e.WrittenAt,
                e.ReadAt,
                e.Results.Count,
                e.Results.Select(r => r.ScientificName).Where(names.Contains).Distinct().Count(),
                e.Results.Count(r => !names.Contains(r.ScientificName))
            )),
        ];
    }
}
