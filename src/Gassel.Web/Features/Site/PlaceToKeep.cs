using Gassel.Core.Record;
using Gassel.Core.Treatments;

namespace Gassel.Web.Features.Site;

/// <summary>A place as the grower wants it.</summary>
/// <param name="Name">1 to 60 characters, no two the same.</param>
/// <param name="Kind">Stays what it is: what stood there was kept by it.</param>
/// <param name="DayC">By day until something measures it, °C.</param>
/// <param name="NightC">By night, °C; null where it is as by day.</param>
/// <param name="Capacity">Bags, trays or containers that fit; null where nobody counted.</param>
/// <param name="Lamps">Their timer; null for none.</param>
/// <param name="Exposure">Of a spot in the yard; null elsewhere.</param>
/// <param name="Looks">How often it is looked round; null to go by its kind.</param>
/// <param name="Retired">Nothing comes here any more.</param>
public sealed record PlaceToKeep(
    string Name,
    PlaceKind Kind,
    double DayC,
    double? NightC = null,
    int? Capacity = null,
    Lamps? Lamps = null,
    Exposure? Exposure = null,
    bool Retired = false,
    LookPace? Looks = null
);
