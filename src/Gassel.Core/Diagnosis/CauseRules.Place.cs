using Gassel.Core.Due;
using Gassel.Core.Places;
using Gassel.Core.Record;
using Gassel.Core.Treatments;

namespace Gassel.Core.Diagnosis;

/// <summary>Whether the place let it come up.</summary>
public static partial class CauseRules
{
    /// <summary>So many days outside the band delay or stop it (our assumption).</summary>
    private const int DaysToMatter = 3;

    /// <summary>Nights so much below the band hold back kinds that want steady warmth, K (our assumption).</summary>
    public const double NightsBelowK = 5;

    public static CauseFinding? TooCold(GerminationGround g)
    {
        if (g.Days.Count == 0)
            return null;
        var (e, band) = (new Evidence(), g.Species.Germination);
        const string Look = "A thermometer in the mix, in the morning.";
        var below = g.Measured.Count(d => d.MeanC < band.LowC);
        var nightC = g.Species.NightC?.LowC ?? band.LowC - NightsBelowK;
        var nights = g.Measured.Count(d => d.MinC < nightC && d.MeanC >= band.LowC);
        if (nights >= DaysToMatter)
        {
            e.For.Add(
                Text.Of(
                    $"{nights} of {g.Days.Count} nights since sowing fell below {Quantity.Temperature(nightC)} after days that were warm "
                        + $"enough: warm days with cold nights give few seedlings of kinds that want steady warmth."
                )
            );
            if (below < DaysToMatter)
                return e.Finding(Cause.TooCold, 2 * nights > g.Days.Count ? Likelihood.Likely : Likelihood.Possible, Look);
        }
        if (below >= DaysToMatter)
        {
            e.For.Add(
                Text.Of(
                    $"{below} of {g.Days.Count} days since sowing had a mean below {Quantity.Temperature(band.LowC)}, where "
                        + $"its band begins."
                )
            );
            return e.Finding(Cause.TooCold, 2 * below > g.Days.Count ? Likelihood.Likely : Likelihood.Possible, Look);
        }
        return Unmeasured(g, e, Cause.TooCold, g.Days.Average(d => d.MeanC) < band.LowC, Look) ?? Within(g, e, Cause.TooCold, Look);
    }

    public static CauseFinding? TooHot(GerminationGround g)
    {
        if (g.Days.Count == 0)
            return null;
        var (e, band) = (new Evidence(), g.Species.Germination);
        var look = g.OnMat
            ? "A thermometer in the mix over the mat, and the thermostat's probe: is it in the mix?"
            : "A thermometer in the mix at the warmest hour.";
        var above = g.Measured.Count(d => d.MeanC > band.HighC);
        var hot = g.Measured.Count(d => d.MaxC >= PlaceWatch.HotC);
        var hottest = g.Measured.Select(d => d.MaxC).DefaultIfEmpty(double.NegativeInfinity).Max();
        if (hottest >= PlaceWatch.HotC)
        {
            var kills = hottest >= GerminationWarmth.CookingC ? "that kills any seed" : "too hot for every native here";
            e.For.Add(
                Text.Of(
                    $"{Quantity.Temperature(hottest)} was measured, {Quantity.Temperature(PlaceWatch.HotC)} or more on {hot} of "
                        + $"{g.Days.Count} days: {kills}."
                )
            );
        }
        if (above >= DaysToMatter)
            e.For.Add(
                Text.Of(
                    $"{above} of {g.Days.Count} days since sowing had a mean above {Quantity.Temperature(band.HighC)}, where its band "
                        + $"ends: cool germinators fall dormant again."
                )
            );
        if (g.OnMat && SowingAdvice.NoMatFor(g.Species) is not null)
            e.For.Add(Text.Of($"It is on a mat, and this kind wants no more than {Quantity.Temperature(band.HighC)}."));
        if (e.For.Count > 0)
            return e.Finding(
                Cause.TooHot,
                hottest >= GerminationWarmth.CookingC || hot >= DaysToMatter || 2 * above > g.Days.Count
                    ? Likelihood.Likely
                    : Likelihood.Possible,
                look
            );
        return Unmeasured(g, e, Cause.TooHot, g.Days.Average(d => d.MeanC) > band.HighC, look) ?? Within(g, e, Cause.TooHot, look);
    }

    public static CauseFinding? CoveredThoughItNeedsLight(GerminationGround g)
    {
        if (!g.Species.Has(SpeciesFlag.NeedsLight))
            return null;
        var e = new Evidence();
        const string Look = "Brush the cover off a corner of the tray and watch that corner.";
        if (g.Part.SownAs?.Cover is not { } cover)
        {
            return e.Finding(
                Cause.CoveredThoughItNeedsLight,
                Likelihood.CannotTell,
                "How it was covered is not recorded: look at the tray. Seed that needs light lies on the surface."
            );
        }
        if (cover != SowCover.Surface)
        {
            e.For.Add($"This kind needs light, and was sown {cover.Words()}.");
            return e.Finding(Cause.CoveredThoughItNeedsLight, Likelihood.Likely, Look);
        }
        e.Against.Add(g.Lamps is { } lamps ? $"Sown on the surface, under lamps from {lamps.Words}." : "Sown on the surface.");
        return e.Finding(Cause.CoveredThoughItNeedsLight, Likelihood.Unlikely, Look);
    }

    public static CauseFinding? LitThoughItNeedsDark(GerminationGround g)
    {
        if (!g.Species.Has(SpeciesFlag.NeedsDark))
            return null;
        var e = new Evidence();
        const string Look = "Lay an opaque cover over half of the tray and watch that half.";
        if (g.Part.SownAs?.Cover is not { } cover)
            return e.Finding(Cause.LitThoughItNeedsDark, Likelihood.CannotTell, "How it was covered is not recorded: look at the tray.");
        if (cover == SowCover.Surface)
        {
            e.For.Add($"This kind needs dark, and lies on the surface{(g.Lamps is { } lamps ? $" under lamps from {lamps.Words}" : "")}.");
            return e.Finding(Cause.LitThoughItNeedsDark, Likelihood.Likely, Look);
        }
        e.Against.Add("It was covered.");
        return e.Finding(Cause.LitThoughItNeedsDark, Likelihood.Unlikely, Look);
    }

    public static CauseFinding? TooDeep(GerminationGround g)
    {
        // what is sown on the surface for its light is covered, not deep
        if (g.Species.SowingDepth is not { HighMm: > 0 } own)
            return null;
        var e = new Evidence();
        const string Look = "Scrape the mix off a few cells: white shoots bent under it ran out of strength.";
        if (g.Part.SownAs?.DepthMm is not { } depth)
            return e.Finding(Cause.TooDeep, Likelihood.CannotTell, $"Sowing depth is not recorded. {Look}");
        if (depth > own.HighMm)
        {
            e.For.Add(Text.Of($"Sown {Quantity.Length(depth)} deep; this kind wants {Quantity.Lengths(own.LowMm, own.HighMm)}."));
            return e.Finding(Cause.TooDeep, IsDeep(g) ? Likelihood.Likely : Likelihood.Possible, Look);
        }
        e.Against.Add(Text.Of($"Sown {Quantity.Length(depth)} deep; this kind wants {Quantity.Lengths(own.LowMm, own.HighMm)}."));
        return e.Finding(Cause.TooDeep, Likelihood.Unlikely, Look);
    }

    /// <summary>Half of it came so much later than is usual (our assumption).</summary>
    private const double LateBy = 1.4;

    private static bool IsLate(GerminationGround g) => g.MiddleDay > LateBy * g.Window.Usual;

    /// <summary>So deep that it may run out of strength: twice as deep as its kind is sown (our assumption).</summary>
    private static bool IsDeep(GerminationGround g) =>
        g.Species.SowingDepth is { HighMm: > 0 } own && g.Part.SownAs?.DepthMm is { } depth && depth >= (2 * own.HighMm) + 1;

    /// <summary>Null where it was measured on most days.</summary>
    private static CauseFinding? Unmeasured(GerminationGround g, Evidence e, Cause cause, bool assumedOutside, string look)
    {
        if (2 * g.Measured.Count() >= g.Days.Count)
            return null;
        var (band, mean) = (g.Species.Germination, g.Days.Average(d => d.MeanC));
        var words = Text.Of(
            $"The place is assumed to be at {Quantity.Temperature(mean)}, and its band is {Quantity.Temperatures(band.LowC, band.HighC)}; "
                + $"{(g.Measured.Any() ? $"only {g.Measured.Count()} of {g.Days.Count} days were measured" : "no reading")}."
        );
        if (assumedOutside)
            e.For.Add(words);
        else
            e.Against.Add(words);
        if (cause == Cause.TooCold && IsLate(g))
            e.For.Add(Text.Of($"Half of what came up had come by day {g.MiddleDay:0}; the usual is {g.Window.Usual}. Cold makes it late."));
        if (Waiting(g) is { } waiting)
            e.For.Add(waiting);
        return e.Finding(cause, e.For.Count > 0 ? Likelihood.Possible : Likelihood.CannotTell, look);
    }

    private static CauseFinding Within(GerminationGround g, Evidence e, Cause cause, string look)
    {
        e.Against.Add(
            Text.Of(
                $"Measured since sowing: {Quantity.Temperatures(g.Measured.Min(d => d.MinC), g.Measured.Max(d => d.MaxC))}, "
                    + $"mean {Quantity.Temperature(g.Measured.Average(d => d.MeanC))}; its band is "
                    + $"{Quantity.Temperatures(g.Species.Germination.LowC, g.Species.Germination.HighC)}."
            )
        );
        return e.Finding(cause, Likelihood.Unlikely, look);
    }
}
