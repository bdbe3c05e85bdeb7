using Gassel.Core.Treatments;

namespace Gassel.Web.Features.Site;

/// <param name="AssumedC">Temperature assumed until something measures it, °C.</param>
/// <param name="Capacity">Bags, trays or containers that fit; null where nobody counted.</param>
/// <param name="Lamps">Their timer; null for none.</param>
public sealed record PlaceRoom(string Id, double AssumedC, int? Capacity, Lamps? Lamps = null);
