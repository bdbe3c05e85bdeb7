using Gassel.Core;
using Gassel.Core.Due;

namespace Gassel.Web.Features.Wishes;

/// <summary>Days on which wishes start that no batch was made of yet: pinned, or the best.</summary>
internal static class WishCalendar
{
    public static async Task<IReadOnlyList<(Guid Wish, CalendarDay Day)>> Days(WishGrounds wishes)
    {
        var names = (await wishes.Plan.Library.Species()).ToDictionary(s => s.Id, s => s.CommonName);
        return
        [
            .. from wish in await wishes.All()
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
