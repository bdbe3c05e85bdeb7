using static Gassel.Core.Treatments.DormancyClass;
using static Gassel.Core.Treatments.SeedlingHardiness;
using static Gassel.Core.Treatments.SpeciesFlag;

namespace Gassel.Core.Treatments;

/// <summary>Kinds of open, dry to moist ground, from farther east.</summary>
public static partial class StarterLibrary
{
    private static IEnumerable<Species> MeadowKinds() =>
        [
            Kind(
                "common-milkweed",
                "Asclepias syriaca",
                "common milkweed",
                Physiological,
                null,
                [],
                new(18, 24),
                new(3, 6),
                Hardy,
                "Flowers from its second year. Leaves the tray at a height, before the roots tangle.",
                [Through("common-milkweed-fridge", "fridge", Months(2, 3), Cold(21, 30, 90), ComeUp(7, 10, 14, 18, 24))],
                HazardLevel.Irritant,
                "The sap irritates skin and eyes; toxic if eaten."
            ),
            Kind(
                "butterfly-milkweed",
                "Asclepias tuberosa",
                "butterfly milkweed",
                Physiological,
                null,
                [TapRooted],
                new(18, 24),
                new(3, 6),
                Hardy,
                "Tap root: into deep cells, no pricking out.",
                [Through("butterfly-milkweed-fridge", "fridge", Months(3, 5), Cold(28, 60, 90), ComeUp(10, 15, 21, 18, 24))],
                HazardLevel.Irritant,
                "Sap and seed irritate; toxic if eaten."
            ),
            Kind(
                "purple-coneflower",
                "Echinacea purpurea",
                "purple coneflower",
                None,
                DormancyDepth.NonDeep,
                [],
                new(18, 24),
                new(3, 6),
                Hardy,
                "Divides well: a clump may be pulled apart at potting.",
                [
                    Through("purple-coneflower-plain", "no cold", Months(4, 6), ComeUp(10, 14, 20, 18, 24)),
                    Through("purple-coneflower-cold", "with cold", Months(4, 6), Cold(14, 28, 42), ComeUp(10, 14, 20, 18, 24)),
                ]
            ),
            Kind(
                "black-eyed-susan",
                "Rudbeckia hirta",
                "black-eyed Susan",
                None,
                DormancyDepth.NonDeep,
                [NeedsLight],
                new(18, 24),
                new(0, 0),
                Hardy,
                "On the surface. Short-lived; sown early it may flower in its first year.",
                [
                    Through("black-eyed-susan-plain", "no cold", Months(3, 4), ComeUp(5, 12, 21, 18, 24)),
                    Through("black-eyed-susan-cold", "with cold", Months(3, 4), Cold(14, 28, 42), ComeUp(5, 12, 21, 18, 24)),
                ]
            ),
            Kind(
                "wild-bergamot",
                "Monarda fistulosa",
                "wild bergamot",
                None,
                DormancyDepth.NonDeep,
                [NeedsLight],
                new(18, 21),
                new(0, 0),
                Hardy,
                "On the surface, in the light.",
                [
                    Through("wild-bergamot-plain", "no cold", Months(3, 5), ComeUp(10, 14, 18, 18, 21)),
                    Through("wild-bergamot-cold", "with cold", Months(3, 5), Cold(14, 28, 42), ComeUp(10, 14, 18, 18, 21)),
                ]
            ),
            Kind(
                "new-england-aster",
                "Symphyotrichum novae-angliae",
                "New England aster",
                Physiological,
                DormancyDepth.NonDeep,
                [NeedsLight],
                new(15, 21),
                new(0, 0),
                Hardy,
                "Chaffy seed with many empty: sow thickly, or cut some open first.",
                [Through("new-england-aster-fridge", "fridge", Months(3, 5), Cold(28, 42, 60), ComeUp(7, 14, 21, 15, 21))]
            ),
            Kind(
                "dense-blazing-star",
                "Liatris spicata",
                "dense blazing star",
                Physiological,
                null,
                [],
                new(15, 21),
                new(3, 3),
                Hardy,
                "Grass-like the first year, then it dies back to a corm and comes again.",
                [Through("dense-blazing-star-fridge", "fridge", Months(6, 12), Cold(28, 56, 84), ComeUp(14, 21, 28, 15, 21))]
            ),
            Kind(
                "foxglove-beardtongue",
                "Penstemon digitalis",
                "foxglove beardtongue",
                Physiological,
                null,
                [NeedsLight],
                new(15, 20),
                new(0, 0),
                Hardy,
                "On the surface, in the light; warm nights hold it back.",
                [Through("foxglove-beardtongue-fridge", "fridge", Months(4, 6), Cold(28, 56, 84), ComeUp(14, 21, 30, 15, 20))]
            ),
            Kind(
                "little-bluestem",
                "Schizachyrium scoparium",
                "little bluestem",
                Physiological,
                DormancyDepth.NonDeep,
                [AfterRipensDry],
                new(20, 30),
                new(3, 6),
                HalfHardy,
                "Fluffy seed with many empty. Warm days and cooler nights; seed of a year or more often does better than fresh.",
                [
                    Through("little-bluestem-plain", "no cold", Months(4, 6), ComeUp(7, 14, 21, 20, 30)),
                    Through("little-bluestem-cold", "with cold", Months(4, 6), Cold(14, 28, 42), ComeUp(7, 14, 21, 20, 30)),
                ],
                night: new(15, 20)
            ),
            Kind(
                "blue-wild-indigo",
                "Baptisia australis",
                "blue wild indigo",
                Physical,
                null,
                [TapRooted],
                new(18, 24),
                new(6, 10),
                Hardy,
                "Slow at first, and resents moving: deep cells.",
                [
                    Through(
                        "blue-wild-indigo-abrade",
                        "abrade, soak, cold",
                        Months(6, 12),
                        Abrade("Abrade each seed dry until the coat dulls; gloves, mask, eye protection."),
                        DaySoak(),
                        Cold(0, 14, 42, optional: true, "Sometimes helps; may be left out."),
                        ComeUp(7, 16, 28, 18, 24)
                    ),
                ],
                HazardLevel.Irritant,
                "Irritates; toxic if eaten."
            ),
            Kind(
                "sundial-lupine",
                "Lupinus perennis",
                "sundial lupine",
                Physical,
                null,
                [TapRooted],
                new(10, 20),
                new(6, 10),
                Hardy,
                "Cool, in deep cells; wants lean, sandy ground.",
                [
                    Through(
                        "sundial-lupine-abrade",
                        "abrade, moist medium",
                        Months(3, 6),
                        Abrade("Abrade each seed dry until the coat dulls; gloves, mask, eye protection."),
                        new(
                            StepKind.Imbibe,
                            new(1, 2, 3),
                            TemperatureBand.Room,
                            Note: "In moist medium, never in water; swollen seed apart."
                        ),
                        Cold(0, 7, 14, optional: true, "May be left out."),
                        ComeUp(7, 14, 21, 10, 20)
                    ),
                ],
                HazardLevel.Toxic,
                "Seed and plant are toxic: no soak."
            ),
        ];
}
