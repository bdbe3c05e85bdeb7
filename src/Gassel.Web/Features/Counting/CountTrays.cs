using Gassel.Core.Due;
using Gassel.Core.Fold;
using Gassel.Core.Record;
using Gassel.Core.Treatments;
using Gassel.Data;
using Gassel.Web.Features.Book;
using Gassel.Web.Features.Rounds;
using Gassel.Web.Features.Yard;
using Gassel.Web.Runtime;

namespace Gassel.Web.Features.Counting;

internal static class CountTrays
{
    public static async Task<CountTraysView> Standing(
        Library library,
        OutdoorBatches shelf,
        TrialBook trials,
        SetAside aside,
        SiteClock clock
    )
    {
        var species = (await library.Species()).ToDictionary(s => s.Id);
        var places = await library.Places();
        var trays = aside.Many(await shelf.All(), b => Of(b, species[b.Row.SpeciesId], places, clock.Today)).ToList();
        var blind = (await trials.All())
            .Where(t => t.Design.IsBlindNow)
            .SelectMany(t => t.Design.Arms.Select(a => (a.Batch, Name: $"T-{t.Number} {t.Design.Name}")))
            .ToDictionary(t => t.Batch, t => t.Name);
        trays = [.. trays.Select(t => t with { Blind = blind.GetValueOrDefault(t.BatchId) })];
        var byTray = trays.Where(t => t.Vessel is not null && t.Cells is not null).ToLookup(TrayOf);
        return new(
            clock.Today,
            [.. trays.Select(t => Beside(t, byTray)).OrderBy(t => t.Due?.Due.DueOn ?? DateOnly.MaxValue).ThenBy(t => t.Number)]
        );
    }

    /// <summary>The tray it stands in: cells of one label that were moved elsewhere are another.</summary>
    private static (string Label, string Place) TrayOf(CountTray tray) => (tray.Vessel!.Label.Trim().ToUpperInvariant(), tray.PlaceName);

    private static CountTray Beside(CountTray tray, ILookup<(string, string), CountTray> byTray) =>
        tray.Cells is null
            ? tray
            : tray with
            {
                Others =
                [
                    .. byTray[TrayOf(tray)]
                        .Where(o => (o.BatchId, o.Part) != (tray.BatchId, tray.Part))
                        .Select(o => new TrayNeighbour(o.BatchId, o.Number, o.CommonName, o.Part, o.Cells!, o.ByCell, o.Seeds, o.Standing)),
                ],
            };

    private static IEnumerable<CountTray> Of(
        ShelvedBatch batch,
        Core.Treatments.Species species,
        IReadOnlyList<Place> places,
        DateOnly today
    )
    {
        var due = DueWork
            .For(batch.Plan, batch.State, species, today)
            .Where(d => d.Kind == DueKind.CountSeedlings)
            .ToDictionary(d => d.Part);
        foreach (var part in batch.State.Living.Where(p => p.SownOn is not null && !p.IsDone(batch.Plan)))
        {
            var tally = CellTally.Of(part);
            DurationRange? days = batch.Plan.GerminateStep is null ? null : batch.Plan.DaysToEmergence(part);
            yield return new(
                batch.Row.Id,
                batch.Row.Number,
                species.CommonName,
                part.Id,
                part.Vessel,
                places.FirstOrDefault(p => p.Id == part.Place)?.Name ?? "",
                part.SownOn!.Value,
                days?.Shortest,
                days?.Longest,
                TrayGrid.Of(part.Vessel),
                part.SownAs?.Cells,
                part.SownAs?.SeedsPerCell,
                Cells(tally, part.SownAs?.SeedsPerCell),
                tally.IsWhole,
                [],
                part.EstimatePercent,
                species.Has(SpeciesFlag.RootBeforeShoot),
                part.IsDomed,
                part.Seeds,
                part.Emerged,
                part.Lost,
                part.Rooted,
                part.Standing,
                due.TryGetValue(part.Id, out var count) ? RoundsBook.Explain(count, batch.Plan, species, places) : null,
                part.Counts,
                null
            );
        }
    }

    private static List<TrayCell> Cells(CellTally tally, int? seedsPerCell) =>
        [.. tally.Cells.Select(c => new TrayCell(c.Cell, c.Emerged, c.Lost, c.MovedOff, c.Standing, c.Waiting(seedsPerCell)))];
}
