using Gassel.Core.Diagnosis;
using Gassel.Data;
using Gassel.Web.Features.Book;
using Gassel.Web.Features.Temperature;
using Gassel.Web.Features.Yard;
using Gassel.Web.Problems;
using Gassel.Web.Runtime;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Gassel.Web.Features.Batches;

/// <summary>Why few of a part came up, by its record.</summary>
internal static class Causes
{
    public static async Task<Results<Ok<LowGermination>, ProblemHttpResult>> Of(
        Guid id,
        string part,
        Library library,
        OutdoorBatches shelf,
        TemperatureWatch watch,
        LotBook lots,
        SiteClock clock
    )
    {
        if (await shelf.Find(id) is not { } batch)
            return BatchNames.NoSuchBatch(id).ToResult();
        var species = (await library.Species()).Single(s => s.Id == batch.Row.SpeciesId);
        var sown = batch.State.Living.Where(p => p.SownOn is not null).ToList();
        if (sown.SingleOrDefault(p => p.Id == part) is not { } state)
            return Refusal.NotFound("part", part, $"Sown parts of this batch are: {string.Join(", ", sown.Select(p => p.Id))}.").ToResult();
        var ground = GerminationGround.Of(
            species,
            batch.Plan,
            state,
            (await lots.Find(batch.Row.LotId))?.Lot,
            clock.Settings.ViabilitySchool,
            await watch.Places(),
            await watch.Known(),
            clock.Today
        );
        return ground is null
            ? Refusal.NotFound("part", part, "It holds no seed to judge.").ToResult()
            : TypedResults.Ok(Judgement.Of(ground));
    }
}
