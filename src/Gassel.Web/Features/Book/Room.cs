using Gassel.Core.Planning;
using Gassel.Core.Record;
using Gassel.Data;

namespace Gassel.Web.Features.Book;

/// <summary>What the places hold.</summary>
internal sealed record Room(Dictionary<string, PlaceKind> Kinds, Dictionary<PlaceKind, int> Capacity, IReadOnlyList<Place> Places)
{
    public static async Task<Room> At(Library library)
    {
        var places = await library.Places();
        return new(
            places.ToDictionary(p => p.Id, p => p.Kind),
            places
                .Where(p => p.Capacity is not null && p.RetiredOn is null)
                .GroupBy(p => p.Kind)
                .ToDictionary(g => g.Key, g => g.Sum(p => p.Capacity!.Value)),
            places
        );
    }

    /// <summary>The kind where a step is done that is usually done at the other.</summary>
    public PlaceKind Near(PlaceKind kind) => UsualPlaces.Of(kind, Places)?.Kind ?? kind;

    /// <summary>What batches take from today on, a shared tray once.</summary>
    public IReadOnlyList<SpaceTaken> Taken(IEnumerable<ShelvedBatch> batches, DateOnly today) =>
        [.. ShelfSpace.Together([.. batches.SelectMany(b => ShelfSpace.Of(b.Plan, b.State, Kinds, today, Near))])];
}
