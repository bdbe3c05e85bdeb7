namespace Gassel.Core.Treatments;

/// <summary>
/// Which cautions go with which step. All are the usual cautions of the trade (common practice, no source) and replace
/// neither a product label nor local rules nor professional advice.
/// </summary>
public static class Cautions
{
    private static readonly Caution ToxicSeed = new(
        "toxicSeed",
        "Toxic seed: gloves, mask and eye protection when abrading, damp-wipe the bench; no soak, rinse or shared "
            + "water; away from children and animals. On suspicion of poisoning call a poison-control centre or a veterinarian."
    );

    private static readonly Caution VeryToxicSeed = ToxicSeed with
    {
        Text =
            "Very toxic seed: a small amount can kill. Gloves, mask and eye protection at every touch; no soak, "
            + "rinse, smoke water or other wet or chemical step; damp-wipe the bench, bag the wipes; locked away from "
            + "children and animals. On suspicion of poisoning call a poison-control centre or a veterinarian at once.",
    };

    private static readonly Caution IrritantSeed = new(
        "irritantSeed",
        "Irritant seed: gloves; own marked vessel; do not leave the water standing."
    );

    private static readonly Caution HotWater = new(
        "hotWater",
        "Hot water scalds: steady vessel on a level bench, no one at your elbow, let it cool before you reach in. "
            + "Never boil the seed. Acid is professional work; Gassel gives no recipe for it."
    );

    private static readonly Caution Abrading = new(
        "abrading",
        "Abrading and nicking: dust of coat and grit in eyes and lungs, slipping blades. Mask, eye protection, a "
            + "clamp instead of a finger, damp-wipe the bench. Acid is professional work; Gassel gives no recipe for it."
    );

    private static readonly Caution Dust = new(
        "dust",
        "Dust of perlite, vermiculite, dry peat or sanding: wet it, ventilate, wear a mask."
    );

    private static readonly Caution Mould = new(
        "mould",
        "Mould: gloves, open the bag in open air, discard what is soft. Sphagnum can infect cuts: gloves."
    );

    private static readonly Caution FridgeBox = new("fridgeBox", "Own closed box in the fridge, marked not food; never in a freezer.");

    private static readonly Caution PottingMix = new(
        "pottingMix",
        "Potting mix can carry Legionella: open it away from the face, keep it damp, ventilate, wash hands."
    );

    private static readonly Caution MatsAndLamps = new(
        "matsAndLamps",
        "Mats and lamps near water: residual-current (GFCI) outlet, drip loop, nothing over a mat. Follow the maker's "
            + "label and the local electrical code."
    );

    private static readonly Caution Collecting = new(
        "collecting",
        "Collect only with the land-owner's permission and the permits that apply; take at most a tenth to a fifth of "
            + "the ripe seed, less from small stands. Check that the species is not regulated where it goes."
    );

    private static readonly Caution Sphagnum = new(
        "sphagnum",
        "Sphagnum can carry a fungus that infects through cuts: gloves, long sleeves, damp it before handling."
    );

    private static readonly Caution BoilingWater = new(
        "boilingWater",
        "Boiling water scalds: steady vessel on a level bench, nobody at your elbow. It must cool to room temperature "
            + "before seed or mix goes in."
    );

    private static readonly Caution Containers = new(
        "containers",
        "Cutting containers: blades, awls and hot tools slip; cut away from the hand, on a board, with gloves, hot "
            + "tools in open air. Stored pots with mouse droppings: wet them with disinfectant, gloves and mask, never sweep dry."
    );

    /// <summary>For cutting, drilling and filling winter containers.</summary>
    public static Caution ForContainers => Containers;

    /// <summary>For mixing and filling.</summary>
    public static Caution OfDust => Dust;
    public static Caution OfPottingMix => PottingMix;
    public static Caution OfSphagnum => Sphagnum;
    public static Caution OfBoilingWater => BoilingWater;

    /// <summary>Topics that are read and acknowledged once a batch before its seed is touched.</summary>
    public static IReadOnlyList<string> ToRead(HazardLevel hazard) => hazard >= HazardLevel.Toxic ? [ToxicSeed.Topic] : [];

    /// <summary>What to read before taking seed from the wild.</summary>
    public static Caution ForCollecting => Collecting;

    /// <summary>
    /// Cautions for one step of a species, hazard of the seed first. Irritant seed irritates as seed; a toxic plant is toxic in all parts.
    /// </summary>
    /// <param name="setting">Where the seed is then: a jug or bed outdoors has no fridge, mat or lamps.</param>
    public static IReadOnlyList<Caution> For(HazardLevel hazard, RouteStep step, RouteSetting setting)
    {
        var list = new List<Caution>();
        if (hazard == HazardLevel.VeryToxic)
            list.Add(VeryToxicSeed);
        if (hazard == HazardLevel.Toxic)
            list.Add(ToxicSeed);
        if (hazard == HazardLevel.Irritant && step.Kind <= StepKind.Germinate)
            list.Add(IrritantSeed);
        switch (step.Kind)
        {
            case StepKind.Scarify:
                list.Add(step.IsHotWater ? HotWater : Abrading);
                break;
            case StepKind.WarmMoist when setting != RouteSetting.Indoors:
                list.Add(PottingMix);
                break;
            case StepKind.WarmMoist or StepKind.Imbibe:
                list.Add(Dust);
                list.Add(Mould);
                break;
            case StepKind.ColdMoist or StepKind.SeedVernalization when setting == RouteSetting.Indoors:
                list.Add(FridgeBox);
                list.Add(Dust);
                list.Add(Mould);
                break;
            case StepKind.ColdMoist or StepKind.SeedVernalization:
                list.Add(PottingMix);
                break;
            case StepKind.Germinate:
                list.Add(PottingMix);
                if (setting == RouteSetting.Indoors)
                    list.Add(MatsAndLamps);
                break;
            case StepKind.GrowOn:
                list.Add(PottingMix);
                break;
        }
        return list;
    }
}
