using Gassel.Core;
using Gassel.Core.Growing;
using Gassel.Core.Planning;
using Gassel.Core.Record;
using Gassel.Data;
using Gassel.Data.People;
using Gassel.Web.Features.Book;
using Gassel.Web.Features.People;
using Gassel.Web.Problems;
using Gassel.Web.Runtime;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Gassel.Web.Features.Plants;

internal static class PlantEndpoints
{
    public static void MapPlants(this RouteGroupBuilder api) =>
        api.MapGet("/batches/{id:guid}/pots-room", PotsRoom).For(Role.Volunteer).ProducesProblem(400).ProducesProblem(404);

    /// <summary>Room for so many pots under the lamps from today on.</summary>
    private static async Task<Results<Ok<PotsRoomView>, ProblemHttpResult>> PotsRoom(
        Guid id,
        int plants,
        double potCm,
        Library library,
        BatchShelf shelf,
        SiteClock clock
    )
    {
        if ((Limits.Whole("plants", plants, 1, 1_000_000) ?? Limits.Number("potCm", potCm, 1, 100)) is { } refusal)
            return refusal.ToResult();
        if (await shelf.Find(id) is not { } batch)
            return BatchNames.NoSuchBatch(id).ToResult();
        var pots = PotRoom.Of(plants, potCm);
        var room = await Room.At(library);
        var at = room.Places.FirstOrDefault(p =>
            batch.State.Living.Any(part => part.Place == p.Id) && p is { IsOutdoors: false, Holds: PlaceTrait.Trays }
        );
        if (at is null)
            return TypedResults.Ok(new PotsRoomView(pots, null, pots.Working[0]));
        var today = clock.Today;
        var others = room.Taken((await shelf.All()).Where(b => b.Row.Id != id), today);
        var space = ShelfSpace.Check([new(at.Kind, today, today.AddDays(ShelfSpace.DaysUnderLamps), pots.Trays)], others, room.Capacity)[0];
        var words = space.Capacity is not { } capacity
            ? pots.Working[0]
            : Text.Of(
                $"{pots.Working[0]} The {at.Kind.Words()} holds {capacity}; others take {space.TakenThen} on "
                    + $"{Core.Quantity.Day(space.FullestOn)}: "
                    + $"{(space.Fits ? "they fit." : $"{space.TakenThen + space.Needed - capacity} too many.")}"
            );
        return TypedResults.Ok(new PotsRoomView(pots, space, words));
    }
}
