using Gassel.Core;
using Gassel.Core.Planning;
using Gassel.Data;
using Gassel.Web.Features.Book;
using Gassel.Web.Features.Plan;

namespace Gassel.Web.Features.Wishes;

internal static class WishViews
{
    public static async Task<IReadOnlyList<WishGround>> Grounds(WishBook wishes, PlanBooks books)
    {
        var grounds = new List<WishGround>();
        foreach (var wish in await wishes.All())
            grounds.Add(await WishGround.Of(wish, books));
        return grounds;
    }

    public static async Task<WishesView> Of(WishBook wishes, PlanBooks books)
    {
        var room = await Room.At(books.Library);
        var species = (await books.Library.Species()).ToDictionary(s => s.Id);
        var left = (await books.Lots.All()).ToDictionary(l => l.Id, l => l.Left);
        // what matters more gets seed first
        var given = new Dictionary<Guid, int>();
        var grounds = await Grounds(wishes, books);
        foreach (var wish in grounds.OrderByDescending(g => g.Kept.Wish.Priority).ThenBy(g => g.Kept.Number))
        {
            if (wish.Ground is not { SeedToFind: false } || wish.Kept.Wish.IsAside)
                continue;
            var lot = wish.Kept.Wish.LotId!.Value;
            given[wish.Kept.Id] = Math.Min(left[lot], wish.Seeds.Seeds ?? left[lot]);
            left[lot] -= given[wish.Kept.Id];
        }
        return new(
            books.Clock.Today,
            [.. grounds.Select(g => View(g, species[g.Kept.Wish.SpeciesId], room, given.GetValueOrDefault(g.Kept.Id)))],
            string.Join(
                ", ",
                room.Capacity.OrderBy(c => c.Key).Select(c => Text.Of($"{c.Key.Words()}: {c.Value} {ShelfSpace.Unit(c.Key)}"))
            )
        );
    }

    private static WishView View(WishGround wish, Core.Treatments.Species species, Room room, int fromLot)
    {
        var kept = wish.Kept;
        if (wish.Ground is null)
        {
            return new(
                kept.Id,
                kept.Number,
                kept.Wish,
                species.CommonName,
                species.ScientificName,
                wish.Refusal!.Detail,
                "",
                "",
                null,
                null,
                null,
                0,
                "",
                "",
                []
            );
        }
        var (start, seeds) = (wish.Start, wish.Seeds);
        var first = kept.Wish.Pinned ?? start.Usual;
        return new(
            kept.Id,
            kept.Number,
            kept.Wish,
            species.CommonName,
            species.ScientificName,
            null,
            wish.Ground.Route.Id,
            wish.Ground.Route.Name,
            start,
            wish.Ready(first),
            seeds.Seeds,
            fromLot,
            SeedWords(kept.Wish, seeds.Seeds, fromLot),
            RoomWords([.. wish.Taken(room, first).Where(t => room.Capacity.ContainsKey(t.Place))]),
            [.. wish.From(first).Working, .. seeds.Working]
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
