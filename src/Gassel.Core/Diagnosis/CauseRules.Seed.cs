using Gassel.Core.Germination;
using Gassel.Core.Record;
using Gassel.Core.Seed;
using Gassel.Core.Yard;

namespace Gassel.Core.Diagnosis;

/// <summary>Whether the seed was alive, and stayed so.</summary>
public static partial class CauseRules
{
    /// <summary>Below this share alive, or full in a cut test, the seed itself explains much (our assumption).</summary>
    private const double PoorSeed = 0.5;

    /// <summary>Below this share of what was expected alive by the cut, seed died or was dead (our assumption).</summary>
    private const double MostlyDead = 0.6;

    public static CauseFinding? OldOrEmptySeed(GerminationGround g)
    {
        var e = new Evidence();
        const string Look = "Cut ten or twenty of the seeds that did not come up: full, empty, rotten. Press a few: soft is dead.";
        var likelihood = Likelihood.CannotTell;
        if (g.Part.Cut is { Seeds: > 0 } own)
        {
            if (g.AliveByCut is not { } byCut)
            {
                var isPoor = 2 * own.Full < own.Seeds;
                (isPoor ? e.For : e.Against).Add(Text.Of($"Cut test of this sowing: {own.Full} full of {own.Seeds}, which is few."));
                likelihood = isPoor ? Likelihood.Possible : Likelihood.Unlikely;
            }
            else if (byCut < MostlyDead * (g.Expected ?? 1))
            {
                e.For.Add(
                    Text.Of(
                        $"Cut test of this sowing: {own.Full} full of {own.Seeds}. With what came up, {byCut:P0} of it was alive{Hoped(g)}."
                    )
                );
                // dead seed tells not when it died
                likelihood = DiedLater(g) ? Likelihood.Possible : Likelihood.Likely;
            }
            else
            {
                e.Against.Add(
                    Text.Of(
                        $"Cut test of this sowing: {own.Full} full of {own.Seeds}. With what came up, {byCut:P0} of it is or was "
                            + $"alive{Hoped(g)}: it waits, or died as a seedling."
                    )
                );
                likelihood = Likelihood.Unlikely;
            }
        }
        if (g.Lot?.CutTest is { Seeds: > 0 } cut)
        {
            var full = (double)cut.Full / cut.Seeds;
            var words = Text.Of(
                $"Cut test of the lot: {cut.Full} full of {cut.Seeds}{(cut.Seeds < CutTest.Enough ? ", which is few" : "")}."
            );
            (full < PoorSeed ? e.For : e.Against).Add(words);
            // the seed that did not come up speaks first
            if (likelihood == Likelihood.CannotTell)
                likelihood =
                    full >= PoorSeed ? Likelihood.Unlikely
                    : cut.Seeds >= CutTest.Enough ? Likelihood.Likely
                    : Likelihood.Possible;
        }
        if (g.Lot?.Tests?.Where(t => TestTreatment.IsOfRoute(t, g.Plan.Route)).MaxBy(t => t.On ?? DateOnly.MinValue) is { } tested)
        {
            var share = (double)tested.Germinated / tested.Seeds;
            (share < PoorSeed ? e.For : e.Against).Add(Text.Of($"A test under this route: {tested.Germinated} of {tested.Seeds}."));
            if (likelihood == Likelihood.CannotTell)
                likelihood = share < PoorSeed ? Likelihood.Likely : Likelihood.Unlikely;
        }
        if (g.Lot is { } lot && g.Alive is { } alive)
        {
            var age = lot.AgeYears(g.SownOn);
            var words = Text.Of($"{age:0.0} years old at sowing: by the rule for its age at most {alive:P0} alive.");
            if (alive < PoorSeed)
            {
                e.For.Add(words);
                if (likelihood == Likelihood.CannotTell)
                    likelihood = Likelihood.Possible;
            }
            else
            {
                e.Against.Add(words);
            }
        }
        return e.Finding(Cause.OldOrEmptySeed, likelihood, Look);
    }

    private static string Hoped(GerminationGround g) => g.Expected is { } share ? Text.Of($"; {share:P0} were expected to come up") : "";

    /// <summary>Something on record kills seed that was alive when it was sown.</summary>
    private static bool DiedLater(GerminationGround g) =>
        g.ChecksSinceSowing.Count(c => c.Moisture == Moisture.Dry) >= DryLooks
        || g.WaterBefore.Count(l => l.Seen == SurfaceSeen.Dry) >= PaleLooks
        || g.ChecksSinceSowing.Count(c => c.Moisture == Moisture.Dripping) + g.WaterBefore.Count(l => l.Seen == SurfaceSeen.Wet) >= WetLooks
        || IsDeep(g);

    /// <summary>What was cut is mostly alive: neither drying nor rot took it.</summary>
    private static bool IsAlive(GerminationGround g) => g.AliveByCut is { } alive && alive >= MostlyDead * (g.Expected ?? 1);

    /// <summary>Below this share of what was expected hardly anything came up (our assumption).</summary>
    private const double Hardly = 0.2;

    private static string? Waiting(GerminationGround g) =>
        IsAlive(g) && g.Share < Hardly * (g.Expected ?? 1)
            ? "Hardly any came up, and what was cut is alive: it waits for something."
            : null;

    /// <summary>So many looks at a pale surface are a habit (our assumption).</summary>
    private const int PaleLooks = 2;

    /// <summary>Once is an accident that covered seed may outlive (our assumption).</summary>
    private const int DryLooks = 2;

    public static CauseFinding? DriedOut(GerminationGround g)
    {
        var e = new Evidence();
        const string Look = "Squeeze a pinch of the mix: it should hold together and give no drop.";
        var dry = g.ChecksSinceSowing.Where(c => c.Moisture == Moisture.Dry).ToList();
        var lost = g.Lost(LossCause.Dried);
        if (dry.Count > 0)
            e.For.Add(Text.Of($"Found dry {string.Join(", ", dry.Select(c => Quantity.Day(c.On)))}; swollen seed that dries is dead."));
        var pale = g.WaterBefore.Where(l => l.Seen == SurfaceSeen.Dry).ToList();
        // a covered seed may have a pale surface over it now and then
        var pales = g.MustNotDry ? pale.Count > 0 : pale.Count >= PaleLooks && 2 * pale.Count > g.WaterBefore.Count;
        if (pales)
        {
            e.For.Add(
                Text.Of(
                    $"The surface was pale at {pale.Count} of {g.WaterBefore.Count} looks before the first seedling, last "
                        + $"{Quantity.Day(pale[^1].On)}{(g.MustNotDry ? "; this seed lies near it and must not dry" : "")}."
                )
            );
        }
        if (lost > 0)
            e.For.Add(Text.Of($"{Seedlings(lost)} lost to drying."));
        if (e.For.Count > 0)
        {
            if (IsAlive(g))
                e.Against.Add(Text.Of($"{g.Part.Cut!.Value.Full} of {g.Part.Cut!.Value.Seeds} seeds cut were full: not dried to death."));
            return e.Finding(
                Cause.DriedOut,
                !IsAlive(g) && (dry.Count >= (g.MustNotDry ? 1 : DryLooks) || (pales && pale.Count >= PaleLooks))
                    ? Likelihood.Likely
                    : Likelihood.Possible,
                Look
            );
        }
        return Looked(g, e, Cause.DriedOut, Look);
    }

    /// <summary>So many looks at a wet mix are a habit (our assumption).</summary>
    private const int WetLooks = 2;

    public static CauseFinding? DrownedOrRotted(GerminationGround g)
    {
        var e = new Evidence();
        const string Look =
            "Squeeze a pinch of the mix, look whether the holes drain, and cut a few seeds: rotten ones are soft and brown.";
        var wet = g.ChecksSinceSowing.Where(c => c.Moisture == Moisture.Dripping).ToList();
        var mould = g.ChecksSinceSowing.Where(c => c.Mould != MouldSeen.None).ToList();
        var rotten = g.Part.Cut?.Rotten ?? 0;
        var lost = g.Lost(LossCause.DampingOff);
        if (wet.Count > 0)
            e.For.Add(Text.Of($"Found too wet {string.Join(", ", wet.Select(c => Quantity.Day(c.On)))}."));
        var shiny = g.WaterBefore.Where(l => l.Seen == SurfaceSeen.Wet).ToList();
        if (shiny.Count > 0)
            e.For.Add(
                Text.Of(
                    $"The surface was shiny with water at {shiny.Count} of {g.WaterBefore.Count} looks, last {Quantity.Day(shiny[^1].On)}."
                )
            );
        if (mould.Count > 0)
            e.For.Add(Text.Of($"Mould seen {string.Join(", ", mould.Select(c => Quantity.Day(c.On)))}."));
        if (rotten > 0)
            e.For.Add(Text.Of($"{rotten} of {g.Part.Cut!.Value.Seeds} seeds cut were rotten."));
        if (lost > 0)
            e.For.Add(Text.Of($"{Seedlings(lost)} lost to damping off."));
        if (e.For.Count > 0)
        {
            var soaked = wet.Count + shiny.Count;
            var isRotten = rotten > 0 && 2 * rotten >= g.Part.Cut!.Value.Seeds;
            // dead seed rots in good mix too: rot alone does not say what killed it
            return e.Finding(
                Cause.DrownedOrRotted,
                !IsAlive(g) && (soaked >= WetLooks || (soaked > 0 && 2 * soaked >= Looks(g) && (mould.Count > 0 || isRotten)))
                    ? Likelihood.Likely
                    : Likelihood.Possible,
                Look
            );
        }
        return Looked(g, e, Cause.DrownedOrRotted, Look);
    }

    /// <summary>The first seedling may have stood so long before it was counted, days (our assumption).</summary>
    private const int LookBack = 3;

    public static CauseFinding? Frost(GerminationGround g)
    {
        var e = new Evidence();
        const string Look = "Look for glassy, fallen seedlings after a cold night. Dormant seed may freeze; seedlings may not.";
        var lost = g.Lost(LossCause.Frost);
        if (lost > 0)
        {
            e.For.Add(Text.Of($"{Seedlings(lost)} lost to frost."));
        }
        // a seedling that froze between two counts was never counted
        var freezing = g.Measured.Where(d => d.MinC < 0 && g.Part.FirstUpOn is { } up && d.Date >= up.AddDays(-LookBack)).ToList();
        var killing = freezing.Count(d => d.MinC <= SpeciesOutdoors.KillC(g.Species.Hardiness));
        if (freezing.Count > 0)
        {
            e.For.Add(
                Text.Of(
                    $"{freezing.Count} {(freezing.Count == 1 ? "night" : "nights")} since the first seedling went below "
                        + $"{RuleOfThumb.Freezing}, the coldest to {Quantity.Temperature(freezing.Min(d => d.MinC))}."
                )
            );
        }
        if (e.For.Count > 0)
            return e.Finding(
                Cause.Frost,
                5 * lost >= Math.Max(1, g.Result.Emerged) || killing > 0 || (lost > 0 && freezing.Count > 0)
                    ? Likelihood.Likely
                    : Likelihood.Possible,
                Look
            );
        if (g.Outdoors)
            return e.Finding(Cause.Frost, g.Result.Emerged > 0 ? Likelihood.CannotTell : Likelihood.Unlikely, Look);
        e.Against.Add("It is under a roof, and no loss to frost is recorded.");
        return e.Finding(Cause.Frost, Likelihood.Unlikely, Look);
    }

    public static CauseFinding? Pests(GerminationGround g)
    {
        var e = new Evidence();
        const string Look = "Look for slime, cut stems, dug holes and empty hulls; look after dark.";
        var lost =
            g.Lost(LossCause.Eaten)
            + g.Lost(LossCause.Slugs)
            + g.Lost(LossCause.Mice)
            + g.Lost(LossCause.Birds)
            + g.Lost(LossCause.FungusGnats);
        foreach (var seen in g.Part.Symptoms.Where(t => t.What is Symptom.FungusGnats or Symptom.Slugs or Symptom.Mice or Symptom.Birds))
            e.For.Add($"{Text.Capital(seen.What.Words())} seen {Quantity.Day(seen.FirstOn)}.");
        if (lost == 0 && e.For.Count > 0)
            return e.Finding(Cause.Pests, Likelihood.Possible, Look);
        if (lost > 0)
        {
            e.For.Add(Text.Of($"{Seedlings(lost)} eaten."));
            return e.Finding(
                Cause.Pests,
                e.For.Count > 1 || 5 * lost >= Math.Max(1, g.Result.Emerged) ? Likelihood.Likely : Likelihood.Possible,
                Look
            );
        }
        if (g.Outdoors)
            return e.Finding(Cause.Pests, Likelihood.CannotTell, Look);
        e.Against.Add("No eaten seedlings are recorded.");
        return e.Finding(Cause.Pests, Likelihood.Unlikely, Look);
    }

    private static int Looks(GerminationGround g) => g.ChecksSinceSowing.Count + g.WaterBefore.Count;

    /// <summary>By the looks at the tray: well at each of them, or nobody looked.</summary>
    private static CauseFinding Looked(GerminationGround g, Evidence e, Cause cause, string look)
    {
        List<DateOnly> looks =
        [
            .. g.ChecksSinceSowing.Select(c => c.On),
            .. g.WaterBefore.Where(l => l.Seen == SurfaceSeen.Moist).Select(l => l.On),
        ];
        var well = looks.Count;
        if (well == 0)
        {
            var told = g.WaterBefore.Count > 0 ? "No look since sowing found it moist." : "No check of the mix is recorded since sowing.";
            return e.Finding(cause, Likelihood.CannotTell, $"{told} {look}");
        }
        e.Against.Add(Text.Of($"Seen moist at {well} {(well == 1 ? "look" : "looks")} since sowing, last {Quantity.Day(looks.Max())}."));
        return e.Finding(cause, Likelihood.Unlikely, look);
    }
}
