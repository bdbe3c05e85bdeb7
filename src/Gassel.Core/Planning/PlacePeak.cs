using Gassel.Core.Record;

namespace Gassel.Core.Planning;

/// <summary>The fullest day at a kind of place.</summary>
/// <param name="Room">Units that it holds; null where nobody entered it.</param>
public sealed record PlacePeak(PlaceKind Place, int Units, DateOnly On, int? Room, string Words)
{
    /// <summary>Null where nothing stands there.</summary>
    public static PlacePeak? Of(PlaceKind place, IEnumerable<SpaceTaken> taken, int? room)
    {
        var there = taken.Where(t => t.Place == place).ToList();
        if (there.Count == 0)
            return null;
        // what stands there grows only on days on which something comes
        var (on, units) = there
            .Select(t => t.From)
            .Distinct()
            .Order()
            .Select(day => (Day: day, Units: there.Where(t => t.From <= day && day < t.To).Sum(t => t.Units)))
            .MaxBy(d => d.Units);
        var known = room is { } holds ? Text.Of($"there is room for {holds}") : "its room is not entered";
        return new(
            place,
            units,
            on,
            room,
            Text.Of($"{Text.Capital(place.Words())}: {units} {ShelfSpace.Units(place, units)} at most, from {Quantity.Day(on)}; {known}.")
        );
    }
}
