using static Gassel.Core.Treatments.DormancyClass;
using static Gassel.Core.Treatments.SeedlingHardiness;
using static Gassel.Core.Treatments.SpeciesFlag;

namespace Gassel.Core.Treatments;

/// <summary>Kinds with a water-tight coat: break it first, whatever follows.</summary>
public static partial class StarterLibrary
{
    private static IEnumerable<Species> HardCoatedKinds() =>
        [
            Kind(
                "globemallow",
                "Iliamna rivularis",
                "streambank globemallow",
                Physical,
                null,
                [],
                new(15, 22),
                new(3, 6),
                Hardy,
                "The coat keeps water out for decades. Cold after the soak sometimes helps.",
                [
                    Through(
                        "globemallow-hot-water",
                        "hot water, soak, cold",
                        new(110, 135, 170),
                        HotWater(),
                        DaySoak(),
                        Cold(0, 30, 60, optional: true, "Sometimes helps; may be left out."),
                        ComeUp(5, 12, 20, 15, 22)
                    ),
                ]
            ),
            Kind(
                "goldenbanner",
                "Thermopsis montana",
                "goldenbanner",
                Physical,
                null,
                [TapRooted],
                new(10, 20),
                new(6, 10),
                Hardy,
                "Dislikes transplanting. Put the swollen apart each day.",
                [
                    Through(
                        "goldenbanner-abrade",
                        "abrade, moist medium",
                        Months(6, 12),
                        Abrade("Abrade each seed dry until the coat dulls; gloves, mask, eye protection."),
                        new(
                            StepKind.Imbibe,
                            new(1, 2, 3),
                            TemperatureBand.Room,
                            Note: "In moist medium, never in water; swollen seed apart."
                        ),
                        Cold(0, 0, 42, optional: true),
                        ComeUp(5, 12, 20, 10, 20)
                    ),
                ],
                HazardLevel.Toxic,
                "Seed and plant are toxic: no soak."
            ),
            Kind(
                "snowbrush",
                "Ceanothus velutinus",
                "snowbrush",
                Combinational,
                null,
                [],
                new(15, 20),
                new(3, 6),
                Hardy,
                "Heat first, then cold.",
                [
                    Through(
                        "snowbrush-hot-water",
                        "hot water, then cold",
                        Years(1, 1),
                        HotWater(),
                        new(StepKind.Soak, new(1, 1, 1), TemperatureBand.Room, Note: "Left to cool and stand 24 h."),
                        Cold(60, 84, 112),
                        ComeUp(10, 20, 35, 15, 20)
                    ),
                ],
                night: new(15, 15)
            ),
            Kind(
                "smooth-sumac",
                "Rhus glabra",
                "smooth sumac",
                Physical,
                null,
                [],
                new(18, 22),
                new(6, 10),
                HalfHardy,
                "Hot water often gives little; many seeds are empty: a cut test.",
                [
                    Through(
                        "smooth-sumac-hot-water",
                        "hot water, soak",
                        Months(6, 12),
                        HotWater(),
                        DaySoak(),
                        Cold(0, 0, 60, optional: true),
                        ComeUp(10, 25, 40, 18, 22)
                    ),
                ]
            ),
        ];
}
