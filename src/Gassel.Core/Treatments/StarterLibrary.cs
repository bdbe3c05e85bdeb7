using static Gassel.Core.Treatments.StepKind;

namespace Gassel.Core.Treatments;

/// <summary>
/// The species every new book starts with. Every number is a starter value recalled from memory, not taken from a source; a grower
/// replaces it with a local one. The files beside this one hold them by kind of work, those of farther east by where they grow.
/// </summary>
public static partial class StarterLibrary
{
    public const string Origin = "Starter value, from memory; check with a local source";

    public static IReadOnlyList<Species> All { get; } =
    [
        .. ColdMoistKinds(),
        .. HardCoatedKinds(),
        .. TwoSeasonKinds(),
        .. EasyKinds(),
        .. MeadowKinds(),
        .. WetGroundKinds(),
        .. WoodlandKinds(),
    ];

    private static Species Kind(
        string id,
        string scientificName,
        string commonName,
        DormancyClass dormancy,
        DormancyDepth? depth,
        SpeciesFlag[] flags,
        TemperatureBand germination,
        DepthRange sowing,
        SeedlingHardiness hardiness,
        string notes,
        Route[] routes,
        HazardLevel hazard = HazardLevel.None,
        string? hazardNote = null,
        string? lookAlike = null,
        TemperatureBand? night = null
    ) =>
        new(
            id,
            scientificName,
            commonName,
            dormancy,
            depth,
            flags,
            hazard,
            hazardNote,
            germination,
            night,
            sowing,
            hardiness,
            lookAlike,
            notes,
            Origin,
            [.. routes, .. OutdoorRoutes(id, routes)],
            Keeps(dormancy, flags),
            Water: StarterGrowing.Water(id),
            Growing: StarterGrowing.Of(id),
            Planted: StarterPlanted.Of(id)
        );

    /// <summary>Hard coats last for decades; seed that must not dry lasts a season (starter values, from memory).</summary>
    private static Longevity Keeps(DormancyClass dormancy, SpeciesFlag[] flags) =>
        dormancy switch
        {
            _ when flags.Contains(SpeciesFlag.DoNotDry) => Longevity.Short,
            DormancyClass.Physical or DormancyClass.Combinational => Longevity.HardCoated,
            _ => flags.Contains(SpeciesFlag.AfterRipensDry) ? Longevity.Long : Longevity.Medium,
        };

    /// <summary>A route that ends with growing on and hardening off, as all do.</summary>
    private static Route Through(string id, string name, DurationRange growOn, params RouteStep[] steps) =>
        new(
            id,
            1,
            name,
            [
                .. steps,
                new(GrowOn, growOn),
                // 7–14 days before planting out (common practice, no source)
                new(HardenOff, new(7, 10, 14), Note: $"One or two hours of shade first, longer each day; in below {RuleOfThumb.Freezing}."),
            ]
        );

    private static RouteStep Cold(int shortest, int usual, int longest, bool optional = false, string? note = null) =>
        new(
            ColdMoist,
            new(shortest, usual, longest),
            TemperatureBand.Cold,
            optional,
            note ?? "Moist towel or sand in a labelled bag on the cold shelf."
        );

    private static RouteStep Warm(int shortest, int usual, int longest, string? note = null, TemperatureBand? band = null) =>
        new(
            WarmMoist,
            new(shortest, usual, longest),
            band ?? TemperatureBand.Warm,
            Note: note ?? "Moist sand or peat with vermiculite on the warm shelf."
        );

    private static RouteStep ComeUp(int shortest, int usual, int longest, double lowC, double highC, string? note = null) =>
        new(Germinate, new(shortest, usual, longest), new(lowC, highC), Note: note);

    private static RouteStep HotWater() =>
        new(
            Scarify,
            DurationRange.Exactly(0),
            new(75, 90),
            Note: "Hot water off the boil, five volumes or more to one of seed; let it cool. Try ten seeds first.",
            Method: ScarifyMethod.HotWater
        );

    private static RouteStep Abrade(string note) => new(Scarify, DurationRange.Exactly(0), Note: note, Method: ScarifyMethod.Abrade);

    private static RouteStep DaySoak() =>
        new(Soak, new(1, 1, 3), TemperatureBand.Room, Note: "Stand 24 h. Swollen and paler has taken water; small and dark has not.");

    /// <summary>Months to a plantable plant, as growing on.</summary>
    private static DurationRange Months(int fewest, int most) => new(fewest * 30, (fewest + most) * 15, most * 30);

    private static DurationRange Years(int fewest, int most) => new(fewest * 365 - 35, (fewest + most) * 365 / 2, most * 365);
}
