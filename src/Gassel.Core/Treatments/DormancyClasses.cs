namespace Gassel.Core.Treatments;

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
            DormancyClass.Morphophysiological =>
                "The embryo is too small and held back as well; it needs its seasons in their order, often warm, then cold.",
            DormancyClass.Physical => "The coat is water-tight; until it is broken nothing else counts.",
            DormancyClass.Combinational => "A water-tight coat over a dormant embryo: break the coat first, then give the cold.",
            _ => throw new ArgumentOutOfRangeException(nameof(dormancy), dormancy, null),
        };
        return depth is { } known ? $"{text} {known.Sentence()}" : text;
    }

    public static string Sentence(this DormancyDepth depth) =>
        depth switch
        {
            DormancyDepth.Deep => "Deep: never shortened below its shortest time; part of it may wait for a second spring.",
            DormancyDepth.Intermediate => "Intermediate: several weeks more than the easy kinds.",
            _ => "Non-deep: a short cold, or time in dry storage, is often enough.",
        };

    /// <summary>What a trait means for the hands, in one sentence.</summary>
    public static string Sentence(this SpeciesFlag flag) =>
        flag switch
        {
            SpeciesFlag.InhibitorToLeach => "Holds an inhibitor in its coat: it is leached out with daily changes of water.",
            SpeciesFlag.RestrictingHull => "A tight hull holds it back; it is not a water-tight coat, so no cycles of swelling.",
            SpeciesFlag.RootBeforeShoot => "Roots one season and shoots the next: two counts, and never given up after the first.",
            SpeciesFlag.GerminatesInCold => "Sprouts in the cold: the bag is looked at twice a week towards the end.",
            SpeciesFlag.AfterRipensDry => "Ripens further in dry storage: older seed is often better than fresh.",
            SpeciesFlag.SlimyWhenWet => "Turns slimy when wet: no soak, straight onto moist medium.",
            SpeciesFlag.DoNotDry => "Must not dry: kept moist from harvest on, or treated as dried seed.",
            SpeciesFlag.NeedsLight => "Needs light: sown on the surface and pressed in.",
            SpeciesFlag.DustFine => "Dust-fine: numbers are estimates, water comes from below.",
            SpeciesFlag.NeedsDark => "Needs dark: under mix or an opaque cover until the first is up.",
            SpeciesFlag.TapRooted => "Makes a tap root: straight into deep cells, no pricking out.",
            _ => throw new ArgumentOutOfRangeException(nameof(flag), flag, null),
        };

    /// <summary>Kinds that are never given up before their second spring (common practice, no source).</summary>
    public static bool KeepsToSecondSpring(DormancyClass dormancy, DormancyDepth? depth, IEnumerable<SpeciesFlag> flags) =>
        depth == DormancyDepth.Deep
        || dormancy is DormancyClass.Morphophysiological or DormancyClass.Physical or DormancyClass.Combinational
        || flags.Contains(SpeciesFlag.RootBeforeShoot);
}
