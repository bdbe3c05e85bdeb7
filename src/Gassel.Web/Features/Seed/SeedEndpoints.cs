using Gassel.Core.Seed;
using Gassel.Core.Treatments;
using Gassel.Data;
using Gassel.Data.People;
using Gassel.Data.Rows;
using Gassel.Web.Features.People;
using Gassel.Web.Problems;
using Gassel.Web.Runtime;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;

namespace Gassel.Web.Features.Seed;

internal static class SeedEndpoints
{
    public static void MapSeed(this RouteGroupBuilder api)
    {
        api.MapGet("/lots", async (LotBook lots, Library library, SiteClock clock) =>
        {
            var species = (await library.Species()).ToDictionary(s => s.Id);
            return (await lots.All()).Select(l => View(l, species[l.SpeciesId], clock)).ToList();
        });
        api.MapPost(
                "/lots",
                (
                    LotDetails lot,
                    Func<GasselDb> connect,
                    WriteGate gate,
                    LotBook lots,
                    Library library,
                    SiteClock clock,
                    CancellationToken cancel
                ) => Save(null, lot, null, connect, gate, lots, library, clock, cancel)
            )
            .For(Role.Grower)
            .ProducesProblem(400);
        api.MapPut(
                "/lots/{id:int}",
                (
                    int id,
                    LotDetails lot,
                    string? asOf,
                    Func<GasselDb> connect,
                    WriteGate gate,
                    LotBook lots,
                    Library library,
                    SiteClock clock,
                    CancellationToken cancel
                ) => Save(id, lot, asOf, connect, gate, lots, library, clock, cancel)
            )
            .For(Role.Grower)
            .ProducesProblem(400)
            .ProducesProblem(404)
            .ProducesProblem(409);
        api.MapGet("/collecting-caution", () => Cautions.ForCollecting);
    }

    private static LotView View(KeptLot lot, Core.Treatments.Species species, SiteClock clock) =>
        new(
            lot.Id,
            new(lot.SpeciesId, lot.Lot),
            lot.Lot.Seeds,
            lot.Left,
            lot.Lot.AgeYears(clock.Today),
            [.. species.Routes.Select(r => LotOutlook.Of(lot.Lot, species, r, clock.Settings.ViabilitySchool, clock.Today))]
        )
        {
            Provenance = clock.Site is { } site
                ? Provenance.Of(lot.Lot, new(site.Latitude, clock.Settings.Longitude, clock.Settings.ElevationM))
                : null,
        };

    private static async Task<Results<Ok<LotView>, ProblemHttpResult>> Save(
        int? id,
        LotDetails details,
        string? asOf,
        Func<GasselDb> connect,
        WriteGate gate,
        LotBook lots,
        Library library,
        SiteClock clock,
        CancellationToken cancel
    )
    {
        details = details.Dated(clock.Today);
        if (details.Check(clock.Today) is { } refusal)
            return refusal.ToResult();
        return await gate.Write<Results<Ok<LotView>, ProblemHttpResult>>(
            async () =>
            {
                await using var db = connect();
                if ((await library.Species()).SingleOrDefault(s => s.Id == details.SpeciesId) is not { } species)
                {
                    return Refusal.NotFound("speciesId", details.SpeciesId, "Choose a species of the library.").ToResult();
                }
                LotRow row;
                if (id is null)
                {
                    db.Lots.Add(row = new() { SpeciesId = details.SpeciesId, Body = "" });
                }
                else
                {
                    if (await lots.Find(id.Value) is not { } kept)
                        return Refusal.NotFound("lot", id, "Choose one of the lots on Seed.").ToResult();
                    if (Stamp.Check(asOf, new LotDetails(kept.SpeciesId, kept.Lot)) is { } changed)
                        return changed.ToResult();
                    var needed = kept.Drawn + details.Lot.Tested;
                    if (details.Lot.Seeds < needed)
                    {
                        return new Refusal(
                            "lot.counted",
                            $"The lot was {details.Lot.Seeds} seeds, but batches and tests have taken {needed} of it; "
                                + $"valid is {needed} or more."
                        ).ToResult();
                    }
                    if (details.SpeciesId != kept.SpeciesId && kept.Drawn > 0)
                        return new Refusal("speciesId", "Batches have taken seed of this lot, so its species stays.").ToResult();
                    row = await db.Lots.SingleAsync(l => l.Id == id, CancellationToken.None);
                }
                (row.SpeciesId, row.Body) = (details.SpeciesId, CoreJson.Write(details.Lot));
                await db.SaveChangesAsync(CancellationToken.None);
                return TypedResults.Ok(View((await lots.Find(row.Id))!, species, clock));
            },
            cancel
        );
    }
}
