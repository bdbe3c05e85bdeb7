using Gassel.Core.Treatments;
using Gassel.Core.Yard;
using Gassel.Data;
using Gassel.Data.People;
using Gassel.Web.Features.People;
using Gassel.Web.Problems;
using Gassel.Web.Runtime;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;

namespace Gassel.Web.Features.Species;

internal static class SpeciesEndpoints
{
    public static void MapSpecies(this RouteGroupBuilder api)
    {
        api.MapGet("/species", All);
        api.MapGet("/hardiness", Hardiness);
        api.MapPost("/species", Add).For(Role.Grower).ProducesProblem(400);
        api.MapPut("/species/{id}", Change).For(Role.Grower).ProducesProblem(400).ProducesProblem(404).ProducesProblem(409);
        api.MapPost("/species/{id}/starter-values", BackToStarter).For(Role.Grower).ProducesProblem(400).ProducesProblem(404);
        api.MapPost("/species/{id}/routes", (string id, RouteDraft draft, SpeciesBooks books, CancellationToken cancel) =>
                SaveRoute(id, null, draft, books, cancel)
            )
            .For(Role.Grower)
            .ProducesProblem(400)
            .ProducesProblem(404);
        api.MapPut(
                "/species/{id}/routes/{routeId}",
                (string id, string routeId, RouteDraft draft, SpeciesBooks books, CancellationToken cancel) =>
                    SaveRoute(id, routeId, draft, books, cancel)
            )
            .For(Role.Grower)
            .ProducesProblem(400)
            .ProducesProblem(404);
        api.MapPost("/species/{id}/route-judgement", Judge).For(Role.Volunteer).ProducesProblem(400).ProducesProblem(404);
        api.MapGet("/species/{id}/routes/{routeId}/versions", Versions).ProducesProblem(404);
    }

    private static List<HardinessView> Hardiness() =>
        [.. Enum.GetValues<SeedlingHardiness>().Select(h => new HardinessView(h, HardinessWords.Of(h)))];

    private static async Task<List<SpeciesView>> All(Library library, SiteClock clock) =>
        [.. (await library.Species()).Select(s => View(s, library, clock))];

    private static SpeciesView View(Core.Treatments.Species species, Library library, SiteClock clock) =>
        SpeciesView.Of(
            species,
            library.HasOwnValues(species.Id),
            StarterLibrary.All.Any(s => s.Id == species.Id),
            clock.Settings.DepthSchool,
            clock.Today
        );

    private static async Task<Results<Ok<SpeciesView>, ProblemHttpResult>> Add(
        SpeciesEdit values,
        SpeciesBooks books,
        CancellationToken cancel
    )
    {
        if (values.Check() is { } refusal)
            return refusal.ToResult();
        return await Write(
            books,
            async db =>
            {
                if (await db.Species.AnyAsync(s => s.ScientificName == values.ScientificName.Trim(), CancellationToken.None))
                    return (null, new("scientificName", $"{values.ScientificName.Trim()} is in the library already; change it there."));
                return (await NewSpecies.Put(db, values), null);
            },
            cancel
        );
    }

    private static async Task<Results<Ok<SpeciesView>, ProblemHttpResult>> Change(
        string id,
        SpeciesEdit values,
        string? asOf,
        SpeciesBooks books,
        CancellationToken cancel
    )
    {
        if (values.Check() is { } refusal)
            return refusal.ToResult();
        return await Write(
            books,
            async db =>
            {
                if (await db.Species.SingleOrDefaultAsync(s => s.Id == id, CancellationToken.None) is not { } row)
                    return (null, NoSuch(id));
                var before = (await books.Library.Species()).Single(s => s.Id == id);
                if (Stamp.Check(asOf, before) is { } elsewhere)
                    return (null, elsewhere);
                var after = values.Onto(before);
                var broken = before
                    .Routes.Select(r => (Route: r, Objections: RouteRules.Check(after, r)))
                    .FirstOrDefault(t => t.Objections?.Count > 0);
                if (broken.Objections is [var objection, ..])
                {
                    return (
                        null,
                        new(
                            "flags",
                            $"With these values the route '{broken.Route.Name}' could not stand: {objection.Why} Change the route first."
                        )
                    );
                }
                row.Own = CoreJson.Write(after with { Routes = [] });
                row.ScientificName = after.ScientificName;
                return (id, null);
            },
            cancel
        );
    }

    /// <summary>The grower's values are given up for the starter ones; routes stay.</summary>
    private static async Task<Results<Ok<SpeciesView>, ProblemHttpResult>> BackToStarter(
        string id,
        SpeciesBooks books,
        CancellationToken cancel
    ) =>
        await Write(
            books,
            async db =>
            {
                if (await db.Species.SingleOrDefaultAsync(s => s.Id == id, CancellationToken.None) is not { } row)
                    return (null, NoSuch(id));
                if (row.Body is not { } starter)
                    return (null, new("id", "You added this species; it has no starter values."));
                row.Own = null;
                row.ScientificName = CoreJson.Read<Core.Treatments.Species>(starter).ScientificName;
                return (id, null);
            },
            cancel
        );

    /// <summary>A new route, or the next version of one. Versions there are stay as they are: batches were planned with them.</summary>
    private static async Task<Results<Ok<SpeciesView>, ProblemHttpResult>> SaveRoute(
        string id,
        string? routeId,
        RouteDraft draft,
        SpeciesBooks books,
        CancellationToken cancel
    )
    {
        if (draft.Check() is { } refusal)
            return refusal.ToResult();
        return await Write(
            books,
            async db =>
            {
                if ((await books.Library.Species()).SingleOrDefault(s => s.Id == id) is not { } species)
                    return (null, NoSuch(id));
                var (_, objection) = await NewRoute.Put(db, species, routeId, draft);
                return objection is null ? (id, null) : (null, objection);
            },
            cancel
        );
    }

    private static async Task<Results<Ok<RouteJudgement>, ProblemHttpResult>> Judge(string id, RouteDraft draft, Library library)
    {
        if ((await library.Species()).SingleOrDefault(s => s.Id == id) is not { } species)
            return NoSuch(id).ToResult();
        var route = draft.ToRoute("draft", 1);
        var objections = RouteRules.Check(species, route);
        return TypedResults.Ok(
            new RouteJudgement(objections, draft.Steps.All(s => s.Days.IsOrdered) ? TreatmentTime.BeforeSowing(route) : null)
        );
    }

    private static async Task<Results<Ok<List<Core.Treatments.Route>>, ProblemHttpResult>> Versions(
        string id,
        string routeId,
        Func<GasselDb> connect
    )
    {
        await using var db = connect();
        var rows = await db
            .Routes.AsNoTracking()
            .Where(r => r.SpeciesId == id && r.Id == routeId)
            .OrderByDescending(r => r.Version)
            .ToListAsync();
        return rows.Count == 0
            ? Refusal.NotFound("routeId", routeId, "Choose a route of this species.").ToResult()
            : TypedResults.Ok(rows.Select(r => CoreJson.Read<Core.Treatments.Route>(r.Body)).ToList());
    }

    private static Refusal NoSuch(string id) => Refusal.NotFound("species", id, "Choose a species of the library.");

    /// <summary>Runs a change behind the gate and answers with the species as it is then.</summary>
    private static Task<Results<Ok<SpeciesView>, ProblemHttpResult>> Write(
        SpeciesBooks books,
        Func<GasselDb, Task<(string? Id, Refusal? Refusal)>> change,
        CancellationToken cancel
    ) =>
        books.Gate.Write<Results<Ok<SpeciesView>, ProblemHttpResult>>(
            async () =>
            {
                await using var db = books.Connect();
                var (id, refusal) = await change(db);
                if (id is null)
                    return refusal!.ToResult();
                await db.SaveChangesAsync(CancellationToken.None);
                books.Library.Forget();
                return TypedResults.Ok(View((await books.Library.Species()).Single(s => s.Id == id), books.Library, books.Clock));
            },
            cancel
        );
}
