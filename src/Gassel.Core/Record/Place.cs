using Gassel.Core.Treatments;

namespace Gassel.Core.Record;

/// <summary>Where vessels stand, as the grower names it.</summary>
/// <param name="DayC">Temperature by day until something measures it, °C.</param>
/// <param name="Capacity">Bags, trays or containers that fit; null where nobody counted.</param>
/// <param name="Lamps">Their timer; null where there are none, or nobody said.</param>
/// <param name="Exposure">Of a spot in the yard: what stands around it; null elsewhere.</param>
/// <param name="NightC">By night, °C; null where it is as by day.</param>
/// <param name="Looks">How often the grower looks round it; null to go by its kind.</param>
/// <param name="RetiredOn">Day from which nothing comes here any more; null while it is used. What stood there stays in the record.</param>
public sealed record Place(
    string Id,
    string Name,
    PlaceKind Kind,
    double DayC,
    int? Capacity = null,
    Lamps? Lamps = null,
    Exposure? Exposure = null,
    double? NightC = null,
    DateOnly? RetiredOn = null,
    LookPace? Looks = null
)
{
    /// <summary>Mean of a day of twelve hours and a night of twelve, °C (our assumption).</summary>
    public double AssumedC => NightC is { } night ? (DayC + night) / 2 : DayC;

    /// <summary>Under lamps, so that a timer may be given.</summary>
    public bool IsLit => PlaceTrait.Of(Kind).IsLit;

    public bool IsOutdoors => PlaceTrait.Of(Kind).IsOutdoors;

    /// <summary>Nothing is over it but the sky, and what its exposure says.</summary>
    public bool IsOpenAir => Kind is PlaceKind.Yard or PlaceKind.Bed;

    /// <summary>Its name within a sentence: as the grower wrote it, a usual one in small letters.</summary>
    public string InSentence =>
        string.Equals(Name, Kind.Words(), StringComparison.OrdinalIgnoreCase) || UsualPlaces.Starter.Any(p => p.Name == Name)
            ? char.ToLowerInvariant(Name[0]) + Name[1..]
            : Name;

    /// <summary>What room is counted in here.</summary>
    public string Holds => PlaceTrait.Of(Kind).Holds;
}
