using Gassel.Core.Due;
using Gassel.Core.Record;
using Gassel.Core.Treatments;
using Gassel.Data;
using Gassel.Web.Features.Book;
using Gassel.Web.Runtime;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Gassel.Web.Features.Sowing;

internal static class SowingEndpoints
{
    public static void MapSowing(this RouteGroupBuilder api) => api.MapGet("/batches/{id:guid}/sowing", For).ProducesProblem(404);

    /// <summary>How the seed of a batch is sown, and where.</summary>
    private static async Task<Results<Ok<SowingView>, ProblemHttpResult>> For(
        Guid id,
        Library library,
        BatchShelf shelf,
        TrayRights trays,
        SiteClock clock
    )
    {
        if (await shelf.Find(id) is not { } batch)
            return BatchNames.NoSuchBatch(id).ToResult();
        var species = (await library.Species()).Single(s => s.Id == batch.Row.SpeciesId);
        var (plan, places) = (batch.Plan, await library.Places());
        var advice = SowingAdvice.Of(species, plan.Route, clock.Settings.DepthSchool, plan.Forecast?.Mean);
        var step = plan.Steps.FirstOrDefault(s => s.Step.Kind == StepKind.Germinate)?.Step;
        var usual = step is null ? null : UsualPlaces.For(plan.Route.Setting, step, places)?.Id;
        return TypedResults.Ok(
            new SowingView(
                advice,
                Shared(species, await trays.Standing()),
                [
                    .. places
                        .Where(p => p.Kind != PlaceKind.ColdShelf && p.RetiredOn is null)
                        .Select(p => new SowingPlace(
                            p.Id,
                            p.Name,
                            p.Lamps?.Words,
                            p.Lamps?.Warning,
                            p.Kind == PlaceKind.HeatMat ? advice.NoMat : null
                        )),
                ],
                plan.Sowing?.Place ?? usual,
                step is null ? [] : Cautions.For(species.Hazard, step, plan.Route.Setting)
            )
        );
    }

    private static List<OpenTray> Shared(Core.Treatments.Species species, IEnumerable<(TrayHolder Holder, ShelvedBatch Batch)> standing) =>
        [
            .. from tray in standing.GroupBy(s => s.Holder.Label.Trim().ToUpperInvariant())
            let holders = tray.Select(t => t.Holder).ToList()
            let part = tray.First().Batch.State.Living.Single(p => p.Id == tray.First().Holder.Part)
            let grid = TrayGrid.Of(part.Vessel)
            where grid is not null && holders.TrueForAll(h => h.Cells is not null)
            let free = Enumerable.Range(1, grid.Value.Cells).Except(holders.SelectMany(h => h.Cells!)).ToList()
            where
                free.Count > 0
                && SowingAdvice.Forbidden(species, part.Vessel!.Kind) is null
                && TraySharing.Object(species, part.Vessel.Label, free, holders) is null
            select new OpenTray(
                part.Vessel!.Label,
                part.Vessel.Kind,
                grid.Value.Cells,
                grid.Value.Columns,
                part.Place,
                free,
                string.Join(", ", holders.Select(h => $"B-{h.Number} {h.Species.CommonName}").Distinct())
            ),
        ];
}
