using Gassel.Core;
using Gassel.Core.Fold;
using Gassel.Core.Planning;
using Gassel.Core.Record;
using Gassel.Data;
using Gassel.Web.Features.Book;
using Gassel.Web.Features.Site;
using Gassel.Web.Runtime;
using Microsoft.AspNetCore.Http.HttpResults;

namespace Gassel.Web.Features.Plants;

/// <summary>The ways through the winter for what grows in vessels, each with its room.</summary>
internal static class WinterEndpoints
{
    /// <summary>Pots whose width nobody said are taken to be so wide, cm (our assumption).</summary>
    private const double UsualPotCm = 9;

    public static void MapWinter(this RouteGroupBuilder api) => api.MapGet("/batches/{id:guid}/winter", Winter).ProducesProblem(404);

    private static async Task<Results<Ok<WinterAnswer>, ProblemHttpResult>> Winter(
        Guid id,
        Library library,
        BatchShelf shelf,
        WeatherBook records,
        SiteClock clock
    )
    {
        if (await shelf.Find(id) is not { } batch)
            return BatchNames.NoSuchBatch(id).ToResult();
        var days = SiteFrost.Days(clock, records);
        FrostDay? On(FrostDayKind kind) => days.FirstOrDefault(d => d.Kind == kind);
        if (On(FrostDayKind.FirstFrostUsual) is not { } first || On(FrostDayKind.LastFrostUsual) is not { } last)
            return TypedResults.Ok(new WinterAnswer([], Unknown(batch.State, clock)));
        var room = await Room.At(library);
        var others = room.Taken((await shelf.All()).Where(b => b.Row.Id != id), clock.Today);
        var parts = batch
            .State.Living.Select(part =>
                (part, Ways: WinterWays.Of(part, first.MonthDay, last.MonthDay, $"first {first.Words}, last {last.Words}", clock.Today))
            )
            .Where(x => x.Ways is not null)
            .Select(x => new WinterView(x.Ways!, [.. x.Ways!.Options.Select(o => Choice(o, x.part, room, others, clock.Today))]))
            .ToList();
        return TypedResults.Ok(new WinterAnswer(parts, null));
    }

    /// <summary>Plants in vessels from late summer on, and nobody said when frost comes: that is no all-clear.</summary>
    private static string? Unknown(BatchState state, SiteClock clock)
    {
        var month = (clock.Site?.Latitude ?? 0) >= 0 ? clock.Today.Month : ((clock.Today.Month + 5) % 12) + 1;
        var stand = state.Living.Any(p => p.Plants.Stages.Any(s => s.Stage != PlantStage.Planted && s.Alive > 0));
        return stand && (month is >= 8 or <= 2)
            ? "How these plants can go through the winter cannot be told until you enter the first frost of autumn on Site."
            : null;
    }

    private static WinterChoice Choice(LateOption option, PartState part, Room room, IReadOnlyList<SpaceTaken> others, DateOnly today)
    {
        if (option.Way == WinterWay.PlantAndCover)
            return new(option, null, null);
        var kind = option.Way == WinterWay.UnderLamps ? PlaceKind.LampShelf : PlaceKind.ColdFrame;
        var at = room.Places.FirstOrDefault(p => p.Id == part.Place && p.Kind == kind) ?? UsualPlaces.Of(kind, room.Places);
        if (at is null or { IsOpenAir: true })
            return new(option, null, "There is no such place yet: add one under Site, Places.");
        var trays = Trays(part);
        var space = ShelfSpace.Check([new(at.Kind, today, option.To, trays)], others, room.Capacity)[0];
        var free = space.Capacity is { } capacity
            ? Text.Of($", {Math.Max(0, capacity - space.TakenThen)} free of {capacity}{(space.Fits ? "" : ": too few")}.")
            : "; how many it holds is not entered.";
        return new(option, at.Id, Text.Of($"{at.Name}: {trays} {(trays == 1 ? "tray" : "trays")} needed{free}"));
    }

    /// <summary>Its vessel as it stands, or the trays that its pots fill.</summary>
    private static int Trays(PartState part)
    {
        var inTray = part.Plants.Stages.Where(s => s.Stage < PlantStage.Potted).Sum(s => s.Alive + s.Dormant) > 0 ? 1 : 0;
        return Math.Max(1, inTray + (ShelfSpace.Grown(part, UsualPotCm) ?? 0));
    }
}
