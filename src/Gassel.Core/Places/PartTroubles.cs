using Gassel.Core.Fold;

namespace Gassel.Core.Places;

/// <summary>What happened at places while a part stood there.</summary>
public static class PartTroubles
{
    /// <summary>Troubles of places that it was there for, since the step it is in began; none for a part in no step.</summary>
    /// <param name="zone">Of the site: stays go by days.</param>
    public static IEnumerable<PlaceTrouble> Touched(
        this PartState part,
        IReadOnlyDictionary<string, IReadOnlyList<PlaceTrouble>> byPlace,
        TimeZoneInfo zone
    )
    {
        if (part.Open is not { } open)
            return [];
        DateOnly Day(DateTimeOffset at) => DateOnly.FromDateTime(TimeZoneInfo.ConvertTime(at, zone).DateTime);
        return part
            .Stays.SelectMany(
                (stay, i) =>
                    byPlace
                        .GetValueOrDefault(stay.Place, [])
                        .Where(t =>
                            (t.To is not { } to || Day(to) >= Days.Later(stay.From, open.Start))
                            && (i + 1 == part.Stays.Count || Day(t.From) < part.Stays[i + 1].From)
                        )
            )
            .OrderBy(t => t.IsPresent)
            .ThenBy(t => t.From);
    }
}
