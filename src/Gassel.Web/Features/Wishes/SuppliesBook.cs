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
        var grounds = await WishViews.Grounds(wishes, books);
        var plans = (await WishViews.Of(grounds, books)).Wishes.ToDictionary(w => w.Id, w => w.Plan);
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
                .. from wish in grounds
                where wish is { Ground: not null, Kept.Wish.IsAside: false }
                let plan = plans[wish.Kept.Id]!
                select SupplyNeed.Of(
                    Text.Of($"W-{wish.Kept.Number}"),
                    names[wish.Kept.Wish.SpeciesId],
                    wish.Ground!.Route,
                    plan.Seeds ?? plan.FromLot,
                    wish.Kept.Wish.Plants,
                    wish.Ground.Containers,
                    Math.Max(0, (plan.Seeds ?? 0) - plan.FromLot)
                ),
            ])
        );
    }
}
