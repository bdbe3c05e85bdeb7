using Gassel.Core.Record;

namespace Gassel.Web.Features.Site;

/// <summary>What a new place of a kind begins with; all our assumption.</summary>
/// <param name="DayC">By day, °C.</param>
/// <param name="NightC">By night, °C.</param>
/// <param name="Holds">What room is counted in there.</param>
public sealed record PlaceKindView(PlaceKind Kind, double DayC, double NightC, string Holds, bool IsOutdoors, bool IsLit)
{
    internal static PlaceKindView Of(PlaceKind kind)
    {
        var trait = PlaceTrait.Of(kind);
        return new(kind, trait.DayC, trait.NightC, trait.Holds, trait.IsOutdoors, trait.IsLit);
    }
}
