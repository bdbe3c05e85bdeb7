using Gassel.Core;
using Gassel.Core.Planning;
using Gassel.Web.Features.Book;
using Gassel.Web.Features.Plan;

namespace Gassel.Web.Features.Wishes;

internal static class WishViews
{
    public static async Task<WishesView> Of(WishGrounds wishes) => await Of(await wishes.All(), wishes.Plan);

    public static async Task<WishesView> Of(IReadOnlyList<WishGround> grounds, PlanBooks books)
    {
        var room = await Room.At(books.Library);
        var names = (await books.Library.Species()).ToDictionary(s => s.Id, s => s.CommonName);
        var given = Given(grounds, (await books.Lots.All()).ToDictionary(l => l.Id, l => l.Left));
        return new(
            books.Clock.Today,
            [
                .. grounds.Select(g => new WishView(
                    g.Kept.Id,
                    g.Kept.Number,
                    g.Kept.Wish,
                    names[g.Kept.Wish.SpeciesId],
                    g.Refusal?.Detail,
                    g.Ground is null ? null : Plan(g, room, given.GetValueOrDefault(g.Kept.Id))
                )),
            ]
        );
    }

    /// <summary>Seed of the lots by wish: what matters more gets it first.</summary>
    private static Dictionary<Guid, int> Given(IReadOnlyList<WishGround> grounds, Dictionary<int, int> left)
    {
        var given = new Dictionary<Guid, int>();
        foreach (var wish in grounds.OrderByDescending(g => g.Kept.Wish.Priority).ThenBy(g => g.Kept.Number))
        {
            if (wish is not { Ground.SeedToFind: false, Kept.Wish: { IsAside: false, LotId: { } lot } })
                continue;
            given[wish.Kept.Id] = Math.Min(left[lot], wish.Seeds.Seeds ?? left[lot]);
            left[lot] -= given[wish.Kept.Id];
        }
        return given;
    }

    private static WishPlan Plan(WishGround wish, Room room, int fromLot)
    {
        var (first, seeds) = (wish.Best, wish.Seeds);
        return new(
            wish.Ground!.Route.Id,
            wish.Ground.Route.Name,
            wish.Ground.Route.Setting,
            wish.Start,
            wish.Ready(first),
            wish.Steps(first),
            wish.Late(first),
            seeds.Seeds,
            fromLot,
            SeedWords(wish.Kept.Wish, seeds.Seeds, fromLot),
            RoomWords([.. wish.Taken(room, first).Where(t => room.Capacity.ContainsKey(t.Place))]),
            [
                .. wish.From(first).Working,
                .. wish.Outdoors is { } days ? [days] : Array.Empty<string>(),
                .. seeds.Working,
                wish.Ground.Flowers(wish.From(first)),
            ]
        );
    }

    /// <summary>As in "lamp shelf 6 trays 17 Dec–23 Feb"; stays that follow each other are one.</summary>
    private static string RoomWords(IReadOnlyList<SpaceTaken> taken)
    {
        var stays = new List<SpaceTaken>();
        foreach (var stay in taken)
        {
            if (stays.Count > 0 && stays[^1] is { } last && (last.Place, last.Units, last.To) == (stay.Place, stay.Units, stay.From))
                stays[^1] = last with { To = stay.To };
            else
                stays.Add(stay);
        }
        return string.Join(
            ", ",
            stays.Select(t =>
                Text.Of($"{t.Place.Words()} {t.Units} {ShelfSpace.Units(t.Place, t.Units)} {Quantity.Day(t.From)}–{Quantity.Day(t.To)}")
            )
        );
    }

    private static string SeedWords(Wish wish, int? seeds, int fromLot) =>
        (wish, seeds) switch
        {
            (_, null) => "No number of seeds makes so many plants likely; see why.",
            ({ LotId: { } lot }, { } n) when fromLot >= n => Text.Of($"Lot {lot} gives all {n} seeds."),
            ({ LotId: { } lot }, { } n) => Text.Of($"Lot {lot} gives {fromLot} of {n} seeds: gather or buy {n - fromLot}."),
            ({ Source: WishSource.Buy }, { } n) => Text.Of($"{n} seeds to buy, judged as seed gathered this year."),
            (_, { } n) => Text.Of($"{n} seeds to gather."),
        };
}
