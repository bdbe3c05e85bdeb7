using static Gassel.Core.Treatments.DormancyClass;
using static Gassel.Core.Treatments.SeedlingHardiness;
using static Gassel.Core.Treatments.SpeciesFlag;

namespace Gassel.Core.Treatments;

/// <summary>Kinds of woods and their edges, from farther east and high up.</summary>
public static partial class StarterLibrary
{
    private static IEnumerable<Species> WoodlandKinds() =>
        [
            Kind(
                "wild-columbine",
                "Aquilegia canadensis",
                "wild columbine",
                Morphophysiological,
                DormancyDepth.NonDeep,
                [NeedsLight],
                new(15, 21),
                new(0, 0),
                Hardy,
                "On the surface, in the light; the small embryo takes its time.",
                [Through("wild-columbine-fridge", "fridge", Months(3, 5), Cold(21, 42, 60), ComeUp(14, 21, 30, 15, 21))]
            ),
            Kind(
                "wild-strawberry",
                "Fragaria virginiana",
                "wild strawberry",
                Physiological,
                DormancyDepth.NonDeep,
                [NeedsLight],
                new(18, 24),
                new(0, 0),
                Hardy,
                "Staggered for weeks. Its crown stays at the level of the mix.",
                [
                    Through("wild-strawberry-plain", "no cold", Months(3, 4), ComeUp(10, 20, 30, 18, 24)),
                    Through("wild-strawberry-cold", "with cold", Months(3, 4), Cold(21, 28, 56), ComeUp(10, 20, 30, 18, 24)),
                ]
            ),
            Kind(
                "bloodroot",
                "Sanguinaria canadensis",
                "bloodroot",
                Morphophysiological,
                DormancyDepth.Deep,
                [RootBeforeShoot, DoNotDry],
                new(10, 18),
                new(6, 10),
                SnowMelt,
                "Root in the warm, shoot after the cold. Sown fresh; flowers from its third year.",
                [
                    Through(
                        "bloodroot-fresh",
                        "fresh seed: warm, then cold",
                        Years(2, 3),
                        Warm(30, 60, 90, "Fresh seed, never dried; the root comes here.", new(15, 20)),
                        Cold(60, 90, 120, note: "The cold for the shoot."),
                        ComeUp(14, 35, 60, 10, 18)
                    ),
                ],
                HazardLevel.Toxic,
                "All parts are toxic; the red sap burns skin."
            ),
            Kind(
                "eastern-redbud",
                "Cercis canadensis",
                "eastern redbud",
                Combinational,
                null,
                [],
                new(18, 24),
                new(6, 10),
                HalfHardy,
                "Heat first, then cold.",
                [
                    Through(
                        "eastern-redbud-hot-water",
                        "hot water, soak, cold",
                        Months(6, 12),
                        HotWater(),
                        DaySoak(),
                        Cold(42, 75, 90),
                        ComeUp(10, 20, 30, 18, 24)
                    ),
                ]
            ),
            Kind(
                "sugar-maple",
                "Acer saccharum",
                "sugar maple",
                Physiological,
                null,
                [GerminatesInCold, DoNotDry],
                new(1, 10),
                new(6, 12),
                Hardy,
                "Comes up in the cold itself; seed that dried is lost. Half of the pairs are empty.",
                [Through("sugar-maple-fridge", "soak, then fridge", Years(1, 1), DaySoak(), Cold(60, 75, 90), ComeUp(5, 15, 30, 1, 10))]
            ),
            Kind(
                "balsam-fir",
                "Abies balsamea",
                "balsam fir",
                Physiological,
                DormancyDepth.NonDeep,
                [],
                new(15, 22),
                new(6, 6),
                Hardy,
                "Resinous seed: a cut test shows what is full. Slow.",
                [Through("balsam-fir-fridge", "soak, then fridge", Years(2, 2), DaySoak(), Cold(21, 30, 60), ComeUp(14, 21, 30, 15, 22))]
            ),
            Kind(
                "blue-spruce",
                "Picea pungens",
                "blue spruce",
                Physiological,
                DormancyDepth.NonDeep,
                [],
                new(18, 24),
                new(6, 6),
                Hardy,
                "Even and easy; slow to grow on.",
                [Through("blue-spruce-fridge", "soak, then fridge", Years(2, 2), DaySoak(), Cold(14, 30, 60), ComeUp(10, 17, 25, 18, 24))]
            ),
            Kind(
                "flowering-dogwood",
                "Cornus florida",
                "flowering dogwood",
                Physiological,
                DormancyDepth.Deep,
                [],
                new(15, 24),
                new(6, 12),
                HalfHardy,
                "Clean off the pulp: it holds germination back.",
                [
                    Through(
                        "flowering-dogwood-fridge",
                        "soak, then fridge",
                        Years(1, 2),
                        DaySoak(),
                        Cold(90, 110, 130),
                        ComeUp(14, 25, 40, 15, 24)
                    ),
                ]
            ),
        ];
}
