using static Gassel.Core.Treatments.DormancyClass;
using static Gassel.Core.Treatments.SeedlingHardiness;
using static Gassel.Core.Treatments.SpeciesFlag;

namespace Gassel.Core.Treatments;

/// <summary>Kinds with little or no dormancy: sown as they are, or after a short cold for stored seed.</summary>
public static partial class StarterLibrary
{
    private static IEnumerable<Species> EasyKinds() =>
        [
            Kind(
                "alumroot",
                "Heuchera cylindrica",
                "roundleaf alumroot",
                None,
                null,
                [NeedsLight, DustFine],
                new(15, 21),
                new(0, 0),
                Hardy,
                "Dust-fine: on the surface, pressed in, in the light; water from below only. The number sown is an estimate.",
                [
                    Through(
                        "alumroot-light",
                        "light, no cold",
                        new(170, 210, 280),
                        ComeUp(10, 15, 21, 15, 21, "Surface, light, dome for moisture, water from below.")
                    ),
                    Through(
                        "alumroot-cold",
                        "with cold",
                        new(170, 210, 280),
                        Cold(28, 42, 60),
                        ComeUp(10, 15, 21, 15, 21, "Surface, light, water from below.")
                    ),
                ]
            ),
            Kind(
                "prairie-smoke",
                "Geum triflorum",
                "prairie smoke",
                Physiological,
                DormancyDepth.NonDeep,
                [NeedsLight],
                new(18, 21),
                new(2, 2),
                Hardy,
                "Light preferred. Stored seed does better with cold; a good subject for a trial.",
                [
                    Through("prairie-smoke-light", "no cold", Months(4, 8), ComeUp(7, 14, 21, 18, 21)),
                    Through("prairie-smoke-cold", "with cold", Months(4, 8), Cold(28, 42, 60), ComeUp(7, 14, 21, 18, 21)),
                ]
            ),
            Kind(
                "blanketflower",
                "Gaillardia aristata",
                "blanketflower",
                None,
                DormancyDepth.NonDeep,
                [],
                new(18, 24),
                new(3, 3),
                Hardy,
                "Skin allergy is possible.",
                [
                    Through("blanketflower-plain", "no cold", Months(3, 5), ComeUp(5, 10, 14, 18, 24)),
                    Through("blanketflower-cold", "with cold", Months(3, 5), Cold(14, 21, 30), ComeUp(5, 10, 14, 18, 24)),
                ]
            ),
            Kind(
                "blue-flax",
                "Linum lewisii",
                "blue flax",
                None,
                DormancyDepth.NonDeep,
                [SlimyWhenWet],
                new(10, 20),
                new(3, 6),
                Hardy,
                "Slimy when wet: no soak. Lots differ.",
                [
                    Through("blue-flax-plain", "no cold", Months(3, 5), ComeUp(5, 12, 20, 10, 20)),
                    Through("blue-flax-cold", "with cold", Months(3, 5), Cold(28, 42, 56), ComeUp(5, 12, 20, 10, 20)),
                ]
            ),
        ];
}
