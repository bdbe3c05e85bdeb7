namespace Gassel.Core.Treatments;

/// <summary>Common practice, no source: the species' own depth, else light on the surface, else the school.</summary>
public static class SowingDepth
{
    /// <summary><c>Depth</c> is null where neither the species' depth nor the size of its seed is known.</summary>
    public static DepthAdvice For(Species species, DepthSchool school)
    {
        if (species.SowingDepth is { } own)
            return new(own, "The species' own depth.");
        if (species.Has(SpeciesFlag.NeedsLight))
            return new(new(0, 0), "Needs light: on the surface, pressed in for contact.");
        if (school == DepthSchool.Grit)
            return new(new(3, 6), $"By your school: under {RuleOfThumb.GritDeep} of coarse grit.");
        if (species.SeedSize is not { } size)
            return new(null, "Unknown: give a depth, or the size of the seed.");
        return school switch
        {
            DepthSchool.Width => By(0, size.WidthMm, "at most the width of the seed", size.WidthMm),
            DepthSchool.TwiceWidth => By(2 * size.WidthMm, 2 * size.WidthMm, "twice its width", size.WidthMm),
            _ => By(3 * size.ThicknessMm, 3 * size.ThicknessMm, "three times its thickness", size.ThicknessMm),
        };
    }

    private static DepthAdvice By(double lowMm, double highMm, string rule, double measureMm) =>
        new(new(lowMm, highMm), Text.Of($"By your school, {rule}: seed {Quantity.Length(measureMm)}."));
}
