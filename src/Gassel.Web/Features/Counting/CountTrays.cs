using Gassel.Core.Due;
using Gassel.Core.Fold;
using Gassel.Core.Record;
using Gassel.Core.Treatments;
using Gassel.Data;
using Gassel.Web.Features.Batches;
using Gassel.Web.Features.Rounds;
using Gassel.Web.Features.Yard;
using Gassel.Web.Hosting;

namespace Gassel.Web.Features.Counting;

/// <summary>What a cell has brought so far, as far as it was counted by cells.</summary>
public readonly record struct TrayCell(int Cell, int Emerged, int Lost, int MovedOff);

/// <summary>Another part in the same tray.</summary>
/// <param name="Cells">Its own.</param>
public sealed record TrayNeighbour(Guid BatchId, int Number, string CommonName, string Part, IReadOnlyList<int> Cells, IReadOnlyList<TrayCell> ByCell, int Seeds, int Standing);

/// <summary>A sown part as it stands before the one who counts it: all that counting needs, so that it can be kept on a phone.</summary>
/// <param name="PlaceName">Where it stands.</param>
/// <param name="LongestDays">Up to so many days after sowing seedlings are expected; null where the route does not say.</param>
/// <param name="Grid">Cells as they lie; null for a vessel without cells.</param>
/// <param name="Cells">Those that hold this part; null for all.</param>
/// <param name="Others">What else stands in the tray.</param>
/// <param name="EstimatePercent">The number of seeds is an estimate; null where it was counted.</param>
/// <param name="CountsRoots">Roots one season and shoots the next: two counts.</param>
/// <param name="Due">The count that is asked for; null where none is.</param>
/// <param name="Counts">By day, the first first.</param>
/// <param name="Blind">The trial that is counted blind; null where the counter may know what it is.</param>
public sealed record CountTray(
    Guid BatchId, int Number, string CommonName, string Part, Vessel? Vessel, string PlaceName, DateOnly SownOn, int? ShortestDays, int? LongestDays,
    TrayGrid? Grid, IReadOnlyList<int>? Cells, IReadOnlyList<TrayCell> ByCell, IReadOnlyList<TrayNeighbour> Others, double? EstimatePercent, bool CountsRoots, bool IsDomed,
    int Seeds, int Emerged, int Lost, int Rooted, int Standing, StandingDue? Due, IReadOnlyList<CountRecord> Counts, string? Blind);

/// <param name="Trays">The one that waits longest first; those that ask for no count last.</param>
public sealed record CountTraysView(DateOnly Today, IReadOnlyList<CountTray> Trays);

internal static class CountTrays
{
    public static async Task<CountTraysView> Standing(Library library, OutdoorBatches shelf, TrialBook trials, SetAside aside, SiteClock clock)
    {
        var species = (await library.Species()).ToDictionary(s => s.Id);
        var places = await library.Places();
        var trays = aside.Many(await shelf.All(), b => Of(b, species[b.Row.SpeciesId], places, clock.Today)).ToList();
        var blind = (await trials.All()).Where(t => t.Design.IsBlindNow).SelectMany(t => t.Design.Arms.Select(a => (a.Batch, Name: $"T-{t.Number} {t.Design.Name}"))).ToDictionary(t => t.Batch, t => t.Name);
        trays = [.. trays.Select(t => t with { Blind = blind.GetValueOrDefault(t.BatchId) })];
        var byLabel = trays.Where(t => t.Vessel is not null && t.Cells is not null).ToLookup(t => t.Vessel!.Label.Trim().ToUpperInvariant());
        return new(clock.Today, [.. trays.Select(t => Beside(t, byLabel)).OrderBy(t => t.Due?.Due.DueOn ?? DateOnly.MaxValue).ThenBy(t => t.Number)]);
    }

    private static CountTray Beside(CountTray tray, ILookup<string, CountTray> byLabel) => tray.Cells is null ? tray : tray with
    {
        Others = [.. byLabel[tray.Vessel!.Label.Trim().ToUpperInvariant()].Where(o => (o.BatchId, o.Part) != (tray.BatchId, tray.Part))
            .Select(o => new TrayNeighbour(o.BatchId, o.Number, o.CommonName, o.Part, o.Cells!, o.ByCell, o.Seeds, o.Standing))],
    };

    private static IEnumerable<CountTray> Of(ShelvedBatch batch, Core.Treatments.Species species, IReadOnlyList<Place> places, DateOnly today)
    {
        var due = DueWork.For(batch.Plan, batch.State, species, today).Where(d => d.Kind == DueKind.CountSeedlings).ToDictionary(d => d.Part);
        foreach (var part in batch.State.Living.Where(p => p.SownOn is not null && !p.IsDone(batch.Plan)))
        {
            DurationRange? days = batch.Plan.GerminateStep is null ? null : batch.Plan.DaysToEmergence(part);
            yield return new(batch.Row.Id, batch.Row.Number, species.CommonName, part.Id, part.Vessel,
                places.FirstOrDefault(p => p.Id == part.Place)?.Name ?? "", part.SownOn!.Value, days?.Shortest, days?.Longest,
                TrayGrid.Of(part.Vessel), part.SownAs?.Cells, ByCell(part), [], part.EstimatePercent, species.Has(SpeciesFlag.RootBeforeShoot), part.IsDomed,
                part.Seeds, part.Emerged, part.Lost, part.Rooted, part.Standing,
                due.TryGetValue(part.Id, out var count) ? RoundsEndpoints.Explain(count, batch.Plan, species, places) : null, part.Counts, null);
        }
    }

    private static List<TrayCell> ByCell(PartState part) =>
        [.. CellTally.Of(part).Cells.Select(c => new TrayCell(c.Cell, c.Emerged, c.Lost, c.MovedOff))];
}
