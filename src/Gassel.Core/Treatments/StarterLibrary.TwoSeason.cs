using static Gassel.Core.Treatments.DormancyClass;
using static Gassel.Core.Treatments.SeedlingHardiness;
using static Gassel.Core.Treatments.SpeciesFlag;

namespace Gassel.Core.Treatments;

/// <summary>Kinds whose embryo must grow before or within the cold, some over two winters.</summary>
public static partial class StarterLibrary
{
    private static IEnumerable<Species> TwoSeasonKinds() =>
        [
            Kind(
                "snowberry",
                "Symphoricarpos albus",
                "snowberry",
                Morphophysiological,
                DormancyDepth.Deep,
                [],
                new(5, 15),
                new(6, 6),
                Hardy,
                "Warm first, then a long cold. A second spring is common; do not tip it out after the first.",
                [
                    Through(
                        "snowberry-warm-cold",
                        "warm, then cold",
                        new(300, 330, 365),
                        Warm(60, 75, 112),
                        Cold(120, 150, 180, note: "The same bag moves to the cold shelf."),
                        ComeUp(14, 25, 40, 5, 15)
                    ),
                ],
                HazardLevel.Irritant,
                "Seed and pulp irritate; the berry is mildly toxic."
            ),
            Kind(
                "nineleaf-biscuitroot",
                "Lomatium triternatum",
                "nineleaf biscuitroot",
                Morphophysiological,
                DormancyDepth.Deep,
                [GerminatesInCold, TapRooted],
                new(1, 8),
                new(6, 10),
                SnowMelt,
                "The embryo grows in the cold; never warm. Comes up within the cold or soon after. Deadly relatives "
                    + "look alike: collect only what is surely known.",
                [Through("nineleaf-biscuitroot-fridge", "fridge", Years(1, 2), Cold(56, 84, 120), ComeUp(1, 14, 30, 1, 8))],
                lookAlike: "deadly plants of the carrot family"
            ),
            Kind(
                "western-trillium",
                "Trillium ovatum",
                "western trillium",
                Morphophysiological,
                DormancyDepth.Deep,
                [RootBeforeShoot, DoNotDry],
                new(5, 12),
                new(6, 10),
                SnowMelt,
                "Root in the warm between two colds, shoot after the second: two winters, not to be given up.",
                [
                    Through(
                        "western-trillium-dried",
                        "dried seed: cold, warm, cold",
                        Years(2, 4),
                        Cold(60, 90, 120),
                        Warm(60, 90, 120, "The root comes here.", new(15, 20)),
                        Cold(60, 90, 120, note: "The second cold, for the shoot."),
                        ComeUp(14, 35, 60, 5, 12)
                    ),
                    Through(
                        "western-trillium-fresh",
                        "fresh seed: warm, then cold",
                        Years(2, 4),
                        Warm(60, 90, 120, "Fresh seed, never dried; the root comes here.", new(15, 20)),
                        Cold(60, 90, 120, note: "The cold for the shoot."),
                        ComeUp(14, 35, 60, 5, 12)
                    ),
                ]
            ),
        ];
}
