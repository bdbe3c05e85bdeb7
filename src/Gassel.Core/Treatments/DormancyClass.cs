namespace Gassel.Core.Treatments;

/// <summary>What keeps the seed from germinating, after the classes of Baskin &amp; Baskin.</summary>
public enum DormancyClass
{
    None,
    Physiological,
    Morphological,
    Morphophysiological,

    /// <summary>Water-tight coat.</summary>
    Physical,

    /// <summary>Water-tight coat over a dormant embryo.</summary>
    Combinational,
}

/// <summary>How much treatment physiological dormancy takes to break.</summary>
public enum DormancyDepth
{
    NonDeep,
    Intermediate,
    Deep,
}

/// <summary>Traits that change what a route may hold or what a grower must watch for.</summary>
public enum SpeciesFlag
{
    InhibitorToLeach,
    RestrictingHull,
    RootBeforeShoot,
    GerminatesInCold,
    AfterRipensDry,
    SlimyWhenWet,
    DoNotDry,
    NeedsLight,
    DustFine,
    TapRooted,
}

/// <summary>Decides which wet and dusty steps are allowed.</summary>
public enum HazardLevel
{
    None,
    Irritant,
    Toxic,
}

public static class DormancyClasses
{
    /// <summary>One sentence for a grower who does not know the class name.</summary>
    public static string Sentence(this DormancyClass dormancy, DormancyDepth? depth)
    {
        var text = dormancy switch
        {
            DormancyClass.None => "Comes up when warm and moist; no treatment needed.",
            DormancyClass.Physiological => "The embryo is held back from inside; weeks of moist cold (or another signal) release it.",
            DormancyClass.Morphological => "The embryo is still too small at harvest and must grow inside the seed first.",
            DormancyClass.Morphophysiological => "The embryo is too small and held back as well; it needs its seasons in their order, often warm, then cold.",
            DormancyClass.Physical => "The coat is water-tight; until it is broken nothing else counts.",
            DormancyClass.Combinational => "A water-tight coat over a dormant embryo: break the coat first, then give the cold.",
            _ => throw new ArgumentOutOfRangeException(nameof(dormancy), dormancy, null),
        };
        return depth switch
        {
            DormancyDepth.Deep => text + " Deep: never shortened below its shortest time; part of it may wait for a second spring.",
            DormancyDepth.Intermediate => text + " Intermediate: several weeks more than the easy kinds.",
            _ => text,
        };
    }

    /// <summary>Kinds that are never given up before their second spring (common practice, no source).</summary>
    public static bool KeepsToSecondSpring(DormancyClass dormancy, DormancyDepth? depth, IEnumerable<SpeciesFlag> flags) =>
        depth == DormancyDepth.Deep
        || dormancy is DormancyClass.Morphophysiological or DormancyClass.Physical or DormancyClass.Combinational
        || flags.Contains(SpeciesFlag.RootBeforeShoot);
}
