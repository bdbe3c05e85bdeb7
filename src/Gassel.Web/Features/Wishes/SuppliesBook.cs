using Gassel.Core;
using Gassel.Core.Planning;
using Gassel.Core.Record;
using Gassel.Core.Seed;
using Gassel.Data;
using Gassel.Web.Features.Book;
using Gassel.Web.Features.Labels;

namespace Gassel.Web.Features.Wishes;

/// <summary>Gathers what is planned and not begun.</summary>
internal static class SuppliesBook
{
    public static async Task<SuppliesView> Of(WishGrounds wishes)
    {
        var books = wishes.Plan;
        var species = (await books.Library.Species()).ToDictionary(s => s.Id);
        var ripe = (await books.Lots.All()).GroupBy(l => l.SpeciesId).ToDictionary(g => g.Key, Ripe);
        var grounds = (await wishes.All()).Where(w => w is { Ground: not null, Kept.Wish.IsAside: false }).ToList();
        var plans = (await WishViews.Of(grounds, books)).Wishes.ToDictionary(w => w.Id, w => w.Plan);
        var batches = await books.Shelf.All();
        var waiting = batches.Where(b => b.State is { Started: false, DiscardedOn: null, BooksClosedOn: null });
        var kind = batches.SelectMany(b => b.State.Parts).Where(p => p.Setup?.Kind is not null).MaxBy(p => p.SownOn)?.Setup?.Kind
            ?? ContainerPreset.Jug4;
        var settings = books.Clock.Settings;
        var lines = Supplies.Of(
            [
                .. waiting.Select(b => new SupplyNeed(
                    Text.Of($"B-{b.Row.Number}"),
                    species[b.Row.SpeciesId],
                    b.Plan.Route,
                    b.Plan.Seeds,
                    b.Plan.Plants,
                    b.Plan.Sowing?.Containers ?? 1,
                    0,
                    Kind: kind
                )),
                .. grounds.Select(w => new SupplyNeed(
                    Text.Of($"W-{w.Kept.Number}"),
                    species[w.Kept.Wish.SpeciesId],
                    w.Ground!.Route,
                    plans[w.Kept.Id]!.Seeds ?? plans[w.Kept.Id]!.FromLot,
                    w.Kept.Wish.Plants,
                    w.Ground.Containers,
                    Math.Max(0, (plans[w.Kept.Id]!.Seeds ?? 0) - plans[w.Kept.Id]!.FromLot),
                    ripe.GetValueOrDefault(w.Kept.Wish.SpeciesId),
                    kind
                )),
            ],
            settings.Stock ?? new Dictionary<string, SupplyStock>(),
            settings.Costs?.SeedEach,
            LabelGrid.Of(settings.Units == Units.Metric ? LabelPaper.A4By24 : LabelPaper.LetterBy30).PerSheet
        );
        var room = await Room.At(books.Library);
        List<SpaceTaken> taken = [.. room.Taken(batches, books.Clock.Today), .. grounds.SelectMany(w => w.Taken(room, w.Best))];
        PlaceKind[] lit = [PlaceKind.LampShelf, PlaceKind.HeatMat];
        return new(
            lines,
            [.. lit.Select(p => PlacePeak.Of(p, taken, room.Capacity.TryGetValue(p, out var holds) ? holds : null)).OfType<PlacePeak>()]
        );
    }

    /// <summary>As in "gathered before 2 Jul (lot 1)"; null where all of its lots were bought.</summary>
    private static string? Ripe(IEnumerable<KeptLot> lots)
    {
        var gathered = lots.Where(l => l.Lot.Source == SeedSource.WildCollected).OrderBy(l => l.Id).ToList();
        return gathered.Count == 0
            ? null
            : "Gathered before: "
                + string.Join(", ", gathered.Select(l => Text.Of($"{Quantity.DayOfYear(l.Lot.GatheredOn)} (lot {l.Id})")))
                + ".";
    }
}
