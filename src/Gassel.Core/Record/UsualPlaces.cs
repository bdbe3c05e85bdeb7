using Gassel.Core.Treatments;

namespace Gassel.Core.Record;

public static class UsualPlaces
{
    /// <summary>Sixteen hours (common practice, no source).</summary>
    private static readonly Lamps UsualLamps = new(new(5, 0), new(21, 0));

    /// <summary>What a new book starts with; the temperatures are our assumption.</summary>
    public static IReadOnlyList<Place> Starter { get; } =
    [
        new("table", "Table", PlaceKind.Table, 20),
        new("cold-shelf", "Cold shelf", PlaceKind.ColdShelf, 4),
        new("warm-shelf", "Warm shelf", PlaceKind.WarmShelf, 22),
        new("lamp-shelf", "Lamp shelf", PlaceKind.LampShelf, 18, Lamps: UsualLamps),
        new("heat-mat", "Heat mat", PlaceKind.HeatMat, 24, Lamps: UsualLamps),
        new("yard", "Yard", PlaceKind.Yard, 5, Exposure: Exposure.Open),
        new("yard-eaves", "Yard, under the eaves", PlaceKind.Yard, 5, Exposure: Exposure.Eaves),
        new("yard-wall", "Yard, south wall", PlaceKind.Yard, 5, Exposure: Exposure.SouthWall),
        new("yard-shade", "Yard, shade", PlaceKind.Yard, 5, Exposure: Exposure.Shade),
    ];

    /// <summary>
    /// Where seed that sprouted in the bag is sown: frost-free, so never the yard, even for kinds that otherwise come up outdoors
    /// (common practice, no source).
    /// </summary>
    public const PlaceKind ForSprouts = PlaceKind.LampShelf;

    /// <summary>
    /// The place of a book for a kind: the first of it that is used, else of the kind that comes nearest; null where none comes near.
    /// </summary>
    public static Place? Of(PlaceKind kind, IReadOnlyList<Place> places) =>
        PlaceTrait
            .Of(kind)
            .Instead.Prepend(kind)
            .Select(k => places.FirstOrDefault(p => p.Kind == k && p.RetiredOn is null))
            .FirstOrDefault(p => p is not null);

    /// <summary>Where a step is usually done, of the places of a book.</summary>
    public static Place? For(RouteSetting setting, RouteStep step, IReadOnlyList<Place> places) => Of(For(setting, step), places);

    /// <summary>What the step that is usually done there wants; null where it hangs on the seed.</summary>
    public static TemperatureBand? Wanted(PlaceKind kind) =>
        kind switch
        {
            PlaceKind.ColdShelf => TemperatureBand.Cold,
            PlaceKind.WarmShelf => TemperatureBand.Warm,
            _ => null,
        };

    /// <summary>A band that begins here is too warm for a cool room, °C: the tray goes on the mat (our assumption).</summary>
    private const double MatFromC = 18;

    /// <summary>
    /// The kind of place a step is usually done in. Cool germinators go to the yard's shelter, not under warm lamps; no mat
    /// where the top of the band is 18 °C or less (common practice, no source); an outdoor route is in the
    /// yard from its first cold or warm spell on.
    /// </summary>
    public static PlaceKind For(RouteSetting setting, RouteStep step) =>
        setting != RouteSetting.Indoors && step.Kind >= StepKind.WarmMoist
            ? PlaceKind.Yard
            : step.Kind switch
            {
                StepKind.ColdMoist or StepKind.ColdDry or StepKind.SeedVernalization => PlaceKind.ColdShelf,
                StepKind.WarmMoist or StepKind.AfterRipen => PlaceKind.WarmShelf,
                StepKind.Germinate => step.Band switch
                {
                    { HighC: < 16 } => PlaceKind.Yard,
                    { LowC: >= MatFromC, HighC: > MatFromC } => PlaceKind.HeatMat,
                    _ => PlaceKind.LampShelf,
                },
                StepKind.GrowOn => PlaceKind.LampShelf,
                StepKind.HardenOff or StepKind.DormantSeason or StepKind.PlantVernalization => PlaceKind.Yard,
                _ => PlaceKind.Table,
            };
}
