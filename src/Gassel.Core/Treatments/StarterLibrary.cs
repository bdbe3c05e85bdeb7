using static Gassel.Core.Treatments.StepKind;

namespace Gassel.Core.Treatments;

/// <summary>
/// The species every new book starts with, one of each kind of work. Every number is a starter value recalled from memory,
/// not taken from a source; a grower replaces it with a local one.
/// </summary>
public static class StarterLibrary
{
    public const string Origin = "Starter value, from memory; check with a local source";

    /// <summary>Hardening off before planting out, 7–14 days (common practice, no source).</summary>
    private static readonly RouteStep Harden = new(HardenOff, new(7, 10, 14), Note: "One or two hours of shade first, longer each day; in below 0 °C.");

    public static IReadOnlyList<Species> All { get; } = [Balsamroot(), Globemallow(), Snowberry(), Alumroot()];

    private static Species Balsamroot() => new(
        "balsamroot", "Balsamorhiza sagittata", "arrowleaf balsamroot",
        DormancyClass.Physiological, DormancyDepth.Intermediate, [SpeciesFlag.GerminatesInCold, SpeciesFlag.TapRooted],
        HazardLevel.None, null,
        new(2, 12), new(10, 10),
        "Sprouts in the bag from half its cold on. Goes into a deep cell at once: no pricking out. One to two years to a plantable plant.",
        Origin,
        [
            new("balsamroot-fridge", 1, "fridge",
            [
                new(ColdMoist, new(60, 84, 112), TemperatureBand.Cold, Note: "Moist towel or sand in a labelled bag on the cold shelf."),
                new(Germinate, new(5, 15, 30), new(2, 12), Note: "Cool and bright; stops above about 15 °C."),
                new(GrowOn, new(330, 365, 730), Note: "Deep cell; dies back in summer and comes again."),
                Harden,
            ]),
        ]);

    private static Species Globemallow() => new(
        "globemallow", "Iliamna rivularis", "streambank globemallow",
        DormancyClass.Physical, null, [],
        HazardLevel.None, null,
        new(15, 22), new(3, 6),
        "The coat keeps water out for decades. Cold after the soak sometimes helps.",
        Origin,
        [
            new("globemallow-hot-water", 1, "hot water, soak, cold",
            [
                new(Scarify, DurationRange.Exactly(0), new(75, 90), Note: "Hot water off the boil, five volumes or more to one of seed; let it cool. Try ten seeds first."),
                new(Soak, new(1, 1, 3), TemperatureBand.Room, Note: "Stand 24 h. Swollen and paler has taken water; small and dark has not."),
                new(ColdMoist, new(0, 30, 60), TemperatureBand.Cold, Optional: true, Note: "Sometimes helps; may be left out."),
                new(Germinate, new(5, 12, 20), new(15, 22)),
                new(GrowOn, new(110, 135, 170)),
                Harden,
            ]),
        ]);

    private static Species Snowberry() => new(
        "snowberry", "Symphoricarpos albus", "snowberry",
        DormancyClass.Morphophysiological, DormancyDepth.Deep, [],
        HazardLevel.Irritant, "Seed and pulp irritate; the berry is mildly toxic.",
        new(5, 15), new(6, 6),
        "Warm first, then a long cold. A second spring is common; do not tip it out after the first.",
        Origin,
        [
            new("snowberry-warm-cold", 1, "warm, then cold",
            [
                new(WarmMoist, new(60, 75, 112), TemperatureBand.Warm, Note: "Moist sand or peat with vermiculite on the warm shelf."),
                new(ColdMoist, new(120, 150, 180), TemperatureBand.Cold, Note: "The same bag moves to the cold shelf."),
                new(Germinate, new(14, 25, 40), new(5, 15)),
                new(GrowOn, new(300, 330, 365)),
                Harden,
            ]),
        ]);

    private static Species Alumroot() => new(
        "alumroot", "Heuchera cylindrica", "roundleaf alumroot",
        DormancyClass.None, null, [SpeciesFlag.NeedsLight, SpeciesFlag.DustFine],
        HazardLevel.None, null,
        new(15, 21), new(0, 0),
        "Dust-fine: on the surface, pressed in, in the light; water from below only. The number sown is an estimate.",
        Origin,
        [
            new("alumroot-light", 1, "light, no cold",
            [
                new(Germinate, new(10, 15, 21), new(15, 21), Note: "Surface, light, dome for moisture, water from below."),
                new(GrowOn, new(170, 210, 280)),
                Harden,
            ]),
        ]);
}
