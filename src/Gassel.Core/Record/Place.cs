using Gassel.Core.Treatments;

namespace Gassel.Core.Record;

/// <summary>Where vessels stand.</summary>
/// <param name="AssumedC">Temperature assumed until something measures it, °C.</param>
/// <param name="Capacity">Bags, trays or containers that fit; null where nobody counted.</param>
/// <param name="Lamps">Their timer; null where there are none, or nobody said.</param>
/// <param name="Exposure">Of a spot in the yard: what stands around it; null elsewhere.</param>
public sealed record Place(
    string Id,
    string Name,
    PlaceKind Kind,
    double AssumedC,
    int? Capacity = null,
    Lamps? Lamps = null,
    Exposure? Exposure = null
)
{
    /// <summary>Under lamps, so that a timer may be given.</summary>
    public bool IsLit => Kind is PlaceKind.LampShelf or PlaceKind.HeatMat;
}
