using Gassel.Core;
using Gassel.Core.Planning;
using Gassel.Data;
using Gassel.Web.Features.Plan;

namespace Gassel.Web.Features.Wishes;

/// <summary>Gathers what is planned and not begun.</summary>
internal static class SuppliesBook
{
    public static async Task<SuppliesView> Of(WishBook wishes, PlanBooks books)
    {
        var names = (await books.Library.Species()).ToDictionary(s => s.Id, s => s.CommonName);
        var list = await WishViews.Of(wishes, books);
        var grounds = (await WishViews.Grounds(wishes, books)).ToDictionary(g => g.Kept.Id);
        var batches = (await books.Shelf.All()).Where(b => b.State is { Started: false, DiscardedOn: null, BooksClosedOn: null });
        return new(
            Supplies.Of([
                .. batches.Select(b =>
                    SupplyNeed.Of(
                        Text.Of($"B-{b.Row.Number}"),
                        names[b.Row.SpeciesId],
                        b.Plan.Route,
                        b.Plan.Seeds,
                        b.Plan.Plants,
                        b.Plan.Sowing?.Containers ?? 1,
                        0
                    )
                ),
                .. list
                    .Wishes.Where(w => w is { Refused: null, Wish.IsAside: false })
                    .Select(w =>
                        SupplyNeed.Of(
                            Text.Of($"W-{w.Number}"),
                            w.CommonName,
                            grounds[w.Id].Ground!.Route,
                            w.Seeds ?? w.FromLot,
                            w.Wish.Plants,
                            grounds[w.Id].Ground!.Containers,
                            Math.Max(0, (w.Seeds ?? 0) - w.FromLot)
                        )
                    ),
            ])
        );
    }
}
