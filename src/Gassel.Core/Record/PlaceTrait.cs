namespace Gassel.Core.Record;

/// <summary>What is taken of a kind of place until the grower or a thermometer says otherwise; all our assumption.</summary>
/// <param name="DayC">By day, °C.</param>
/// <param name="NightC">By night, °C.</param>
/// <param name="Holds">What room is counted in there.</param>
/// <param name="IsOutdoors">Weather comes near: no room temperature is to be expected.</param>
/// <param name="Instead">Kinds that come nearest where a book has none of this, the nearest first.</param>
public sealed record PlaceTrait(double DayC, double NightC, string Holds, bool IsOutdoors, IReadOnlyList<PlaceKind> Instead)
{
    /// <summary>Lamps hang over it.</summary>
    public bool IsLit { get; private init; }

    public const string Bags = "bags",
        Trays = "trays",
        Containers = "containers";

    private static readonly Dictionary<PlaceKind, PlaceTrait> All = new()
    {
        [PlaceKind.Table] = new(20, 20, Bags, false, [PlaceKind.Windowsill, PlaceKind.WarmShelf, PlaceKind.LampShelf]),
        [PlaceKind.ColdShelf] = new(4, 4, Bags, false, [PlaceKind.Garage]),
        [PlaceKind.WarmShelf] = new(22, 22, Bags, false, [PlaceKind.Table, PlaceKind.HeatMat]),
        [PlaceKind.LampShelf] = new(
            18,
            18,
            Trays,
            false,
            [PlaceKind.HeatMat, PlaceKind.Windowsill, PlaceKind.HeatedGreenhouse, PlaceKind.Greenhouse]
        )
        {
            IsLit = true,
        },
        [PlaceKind.HeatMat] = new(
            24,
            24,
            Trays,
            false,
            [PlaceKind.LampShelf, PlaceKind.HeatedGreenhouse, PlaceKind.Windowsill, PlaceKind.WarmShelf]
        )
        {
            IsLit = true,
        },
        [PlaceKind.Yard] = new(5, 5, Containers, true, [PlaceKind.Bed, PlaceKind.ColdFrame, PlaceKind.Greenhouse]),
        [PlaceKind.Windowsill] = new(20, 15, Trays, false, [PlaceKind.LampShelf, PlaceKind.HeatedGreenhouse]),
        [PlaceKind.HeatedGreenhouse] = new(22, 15, Trays, false, [PlaceKind.LampShelf, PlaceKind.Windowsill]),
        [PlaceKind.Greenhouse] = new(15, 4, Trays, false, [PlaceKind.ColdFrame, PlaceKind.Yard]),
        [PlaceKind.Garage] = new(7, 5, Containers, false, [PlaceKind.ColdShelf]),
        [PlaceKind.ColdFrame] = new(12, 2, Trays, true, [PlaceKind.Greenhouse, PlaceKind.Yard]),
        [PlaceKind.Bed] = new(5, 5, Containers, true, [PlaceKind.Yard]),
    };

    public static PlaceTrait Of(PlaceKind kind) => All[kind];
}
