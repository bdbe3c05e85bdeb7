using Gassel.Core;
using Gassel.Core.Due;
using Gassel.Data;
using Gassel.Web.Features.Plan;

namespace Gassel.Web.Features.Wishes;

/// <summary>Days on which wishes start that no batch was made of yet: pinned, or the best.</summary>
internal static class WishCalendar
{
    public static async Task<IReadOnlyList<(Guid Wish, CalendarDay Day)>> Days(WishBook wishes, PlanBooks books)
    {
        var names = (await books.Library.Species()).ToDictionary(s => s.Id, s => s.CommonName);
        return
        [
            .. from wish in await WishViews.Grounds(wishes, books)
            where wish is { Ground: not null, Kept.Wish.IsAside: false }
            let want = wish.Kept.Wish
            let plants = Text.Of($"{want.Plants} {(want.Plants == 1 ? "plant" : "plants")}")
            select (
                wish.Kept.Id,
                new CalendarDay(
                    "start",
                    wish.Best,
                    Text.Of($"Start W-{wish.Kept.Number} {names[want.SpeciesId]}"),
                    $"{plants} by the route “{wish.Ground!.Route.Name}”; a wish, no batch is created yet.",
                    false
                )
            ),
        ];
    }
}
