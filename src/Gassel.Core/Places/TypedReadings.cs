using Gassel.Core.Fold;

namespace Gassel.Core.Places;

/// <summary>Temperatures as read by eye over all batches.</summary>
public static class TypedReadings
{
    /// <summary>
    /// One a day and place, the last recorded; those of a look at a bag belong to the place where the bag stood that day.
    /// </summary>
    public static ILookup<string, TypedReading> Of(IEnumerable<BatchState> batches) =>
        batches
            .SelectMany(b => b.Parts)
            .SelectMany(Of)
            .GroupBy(r => (r.Reading.Place, r.Reading.On))
            .Select(g => g.MaxBy(r => r.Sequence).Reading)
            .OrderBy(r => r.On)
            .ToLookup(r => r.Place);

    private static IEnumerable<(long Sequence, TypedReading Reading)> Of(PartState part)
    {
        foreach (var check in part.PlaceReadings)
        {
            if (check.PlaceC is { } tempC && part.PlaceOn(check.On) is { } place)
                yield return (check.Sequence, new(place, check.On, tempC));
        }
    }
}
