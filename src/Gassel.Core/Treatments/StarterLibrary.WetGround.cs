using static Gassel.Core.Treatments.DormancyClass;
using static Gassel.Core.Treatments.SeedlingHardiness;
using static Gassel.Core.Treatments.SpeciesFlag;

namespace Gassel.Core.Treatments;

/// <summary>Kinds of wet ground, from farther east.</summary>
public static partial class StarterLibrary
{
    private static IEnumerable<Species> WetGroundKinds() =>
        [
            Kind(
                "swamp-milkweed",
                "Asclepias incarnata",
                "swamp milkweed",
                Physiological,
                null,
                [],
                new(18, 24),
                new(3, 3),
                Hardy,
                "Never dry. Leaves the tray at a height.",
                [Through("swamp-milkweed-fridge", "fridge", Months(3, 4), Cold(28, 42, 90), ComeUp(10, 15, 21, 18, 24))],
                HazardLevel.Irritant,
                "The sap irritates skin and eyes; toxic if eaten."
            ),
            Kind(
                "cutleaf-coneflower",
                "Rudbeckia laciniata",
                "cutleaf coneflower",
                Physiological,
                null,
                [NeedsLight],
                new(15, 21),
                new(0, 0),
                Hardy,
                "On the surface, in the light; grows tall.",
                [Through("cutleaf-coneflower-fridge", "fridge", Months(4, 6), Cold(28, 56, 84), ComeUp(10, 18, 28, 15, 21))]
            ),
            Kind(
                "cardinal-flower",
                "Lobelia cardinalis",
                "cardinal flower",
                Physiological,
                DormancyDepth.NonDeep,
                [NeedsLight, DustFine],
                new(18, 24),
                new(0, 0),
                Hardy,
                "Dust-fine: on the surface, water from below; never dry.",
                [
                    Through("cardinal-flower-plain", "no cold", Months(4, 6), ComeUp(10, 15, 21, 18, 24)),
                    Through("cardinal-flower-cold", "with cold", Months(4, 6), Cold(28, 42, 60), ComeUp(10, 15, 21, 18, 24)),
                ],
                HazardLevel.Irritant,
                "Irritates; toxic if eaten."
            ),
            Kind(
                "spotted-joe-pye-weed",
                "Eutrochium maculatum",
                "spotted Joe-Pye weed",
                Physiological,
                null,
                [NeedsLight],
                new(18, 24),
                new(0, 0),
                Hardy,
                "On the surface, in the light; kept moist.",
                [Through("spotted-joe-pye-weed-fridge", "fridge", Months(5, 7), Cold(28, 60, 90), ComeUp(14, 21, 30, 18, 24))]
            ),
            Kind(
                "purple-pitcher-plant",
                "Sarracenia purpurea",
                "purple pitcher plant",
                Physiological,
                null,
                [NeedsLight],
                new(18, 24),
                new(0, 0),
                Hardy,
                "Peat and sand without nutrients, rain water, never dry. Six months in the sowing pot at most.",
                [Through("purple-pitcher-plant-fridge", "fridge", Years(2, 4), Cold(28, 42, 84), ComeUp(28, 45, 70, 18, 24))]
            ),
        ];
}
