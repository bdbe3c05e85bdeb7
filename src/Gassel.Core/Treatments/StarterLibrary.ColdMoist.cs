using static Gassel.Core.Treatments.DormancyClass;
using static Gassel.Core.Treatments.SeedlingHardiness;
using static Gassel.Core.Treatments.SpeciesFlag;

namespace Gassel.Core.Treatments;

/// <summary>Kinds that one cold-moist spell releases.</summary>
public static partial class StarterLibrary
{
    private static IEnumerable<Species> ColdMoistKinds() =>
        [
            Kind(
                "balsamroot",
                "Balsamorhiza sagittata",
                "arrowleaf balsamroot",
                Physiological,
                DormancyDepth.Intermediate,
                [GerminatesInCold, TapRooted],
                new(2, 12),
                new(10, 10),
                SnowMelt,
                "Sprouts in the bag from half its cold on. Goes into a deep cell at once: no pricking out. One to two "
                    + "years to a plantable plant.",
                [
                    Through(
                        "balsamroot-fridge",
                        "fridge",
                        new(330, 365, 730),
                        Cold(60, 84, 112),
                        ComeUp(5, 15, 30, 2, 12, $"Cool and bright; stops above about {RuleOfThumb.BrightAndCoolStops}.")
                    ),
                ]
            ),
            Kind(
                "small-camas",
                "Camassia quamash",
                "small camas",
                Physiological,
                null,
                [GerminatesInCold],
                new(3, 12),
                new(6, 10),
                SnowMelt,
                "Sprouts in the bag. One leaf the first year, then it dies back in summer and comes again. Its toxic "
                    + "look-alike may share nothing with it.",
                [Through("small-camas-fridge", "fridge", Years(1, 2), Cold(42, 90, 120), ComeUp(10, 20, 40, 3, 12))],
                lookAlike: "meadow death camas, toxic"
            ),
            Kind(
                "meadow-death-camas",
                "Toxicoscordion venenosum",
                "meadow death camas",
                Physiological,
                null,
                [],
                new(3, 12),
                new(6, 6),
                SnowMelt,
                "Own tray, own box, every label with the warning and the name of the plant it is not. A lost label "
                    + "means toxic: discard. Dies back.",
                [Through("meadow-death-camas-fridge", "fridge", Years(1, 2), Cold(60, 90, 120), ComeUp(10, 20, 40, 3, 12))],
                HazardLevel.Toxic,
                "All parts are toxic.",
                "small camas"
            ),
            Kind(
                "saskatoon",
                "Amelanchier alnifolia",
                "saskatoon",
                Physiological,
                DormancyDepth.Deep,
                [GerminatesInCold],
                new(2, 15),
                new(6, 6),
                Hardy,
                "Clean off the pulp. Sprouts near the end of the cold.",
                [Through("saskatoon-fridge", "fridge", Years(1, 2), Cold(90, 120, 180), ComeUp(14, 25, 40, 2, 15))]
            ),
            Kind(
                "mock-orange",
                "Philadelphus lewisii",
                "mock orange",
                Physiological,
                null,
                [NeedsLight, DustFine],
                new(15, 20),
                new(0, 0),
                HalfHardy,
                "Dust-fine: no soak; on the surface, in the light, water from below.",
                [Through("mock-orange-fridge", "fridge", Months(6, 12), Cold(28, 56, 84), ComeUp(10, 17, 25, 15, 20))]
            ),
            Kind(
                "red-osier-dogwood",
                "Cornus sericea",
                "red-osier dogwood",
                Physiological,
                null,
                [],
                new(15, 25),
                new(6, 6),
                Hardy,
                "Many stones are empty: a cut test before sowing.",
                [
                    Through(
                        "red-osier-dogwood-fridge",
                        "soak, then fridge",
                        Years(1, 1),
                        DaySoak(),
                        Cold(60, 90, 120),
                        ComeUp(10, 20, 30, 15, 25)
                    ),
                ]
            ),
            Kind(
                "western-iris",
                "Iris missouriensis",
                "western iris",
                Physiological,
                null,
                [InhibitorToLeach],
                new(10, 20),
                new(6, 10),
                Hardy,
                "The coat holds an inhibitor: daily water changes before the cold, with gloves.",
                [
                    Through(
                        "western-iris-fridge",
                        "leach, then fridge",
                        Years(1, 1),
                        new(StepKind.Leach, new(5, 6, 7), TemperatureBand.Room, Note: "Change the water daily."),
                        Cold(60, 90, 150),
                        ComeUp(14, 25, 40, 10, 20)
                    ),
                ],
                HazardLevel.Irritant,
                "Irritates the skin; toxic if eaten."
            ),
            Kind(
                "elegant-penstemon",
                "Penstemon venustus",
                "elegant penstemon",
                Physiological,
                null,
                [],
                new(10, 20),
                new(0, 2),
                Hardy,
                "Light helps; warm nights inhibit.",
                [Through("elegant-penstemon-fridge", "fridge", Months(4, 8), Cold(28, 56, 84), ComeUp(10, 20, 30, 10, 20))],
                night: new(5, 10)
            ),
            Kind(
                "scarlet-gilia",
                "Ipomopsis aggregata",
                "scarlet gilia",
                Physiological,
                DormancyDepth.NonDeep,
                [SlimyWhenWet, TapRooted],
                new(10, 20),
                new(2, 3),
                Hardy,
                "Slimy when wet: straight onto moist medium. A rosette for one to five years; needs size and a winter to flower.",
                [Through("scarlet-gilia-fridge", "fridge", Months(4, 8), Cold(21, 28, 56), ComeUp(7, 14, 21, 10, 20)), ForBloom()]
            ),
            Kind(
                "parsnip-buckwheat",
                "Eriogonum heracleoides",
                "parsnip buckwheat",
                Physiological,
                null,
                [GerminatesInCold, TapRooted],
                new(5, 20),
                new(3, 3),
                Hardy,
                "May sprout in the cold. Tap root: into deep cells.",
                [Through("parsnip-buckwheat-fridge", "fridge", Months(6, 12), Cold(28, 60, 90), ComeUp(7, 14, 21, 5, 20))]
            ),
            Kind(
                "indian-ricegrass",
                "Eriocoma hymenoides",
                "Indian ricegrass",
                Physiological,
                null,
                [RestrictingHull, AfterRipensDry],
                new(10, 20),
                new(10, 20),
                Hardy,
                "A tight hull, not a water-tight coat. Seed of two to six years is often better than fresh.",
                [
                    Through(
                        "indian-ricegrass-fridge",
                        "abrade the hull, then fridge",
                        Months(4, 6),
                        Abrade("Rub the hull on 80–150 grit until it dulls; mask for the dust."),
                        Cold(28, 42, 60),
                        ComeUp(7, 17, 28, 10, 20)
                    ),
                ]
            ),
        ];

    /// <summary>A rosette grown to size and overwintered; cold towards flowering, not cold that breaks dormancy.</summary>
    private static Route ForBloom() =>
        new(
            "scarlet-gilia-bloom",
            1,
            "for bloom, rosette overwintered",
            [
                Cold(21, 28, 56),
                ComeUp(7, 14, 21, 10, 20),
                new(StepKind.GrowOn, new(45, 60, 120), Note: "To a rosette as wide as a hand before its winter."),
                new(
                    StepKind.PlantVernalization,
                    new(56, 70, 84),
                    new(0, 7),
                    Note: $"Outdoors, 8 to 12 weeks at {RuleOfThumb.RosetteBand}; frost adds nothing and may injure."
                ),
                new(StepKind.HardenOff, new(7, 7, 14), Note: "Outside a little longer each day; heat soon after can undo a short cold."),
            ]
        );
}
