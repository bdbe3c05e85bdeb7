using Gassel.Core.Record;
using Gassel.Core.Seed;

namespace Gassel.Core.Diagnosis;

/// <summary>Whether the seed was alive, and stayed so.</summary>
public static partial class CauseRules
{
    /// <summary>Below this share alive, or full in a cut test, the seed itself explains much (our assumption).</summary>
    private const double PoorSeed = 0.5;

    /// <summary>So many cut seeds say something (our assumption).</summary>
    private const int EnoughCut = 10;

    public static CauseFinding? OldOrEmptySeed(GerminationGround g)
    {
        var e = new Evidence();
        const string Look = "Cut ten or twenty of the seeds that did not come up: full, empty, rotten. Press a few: soft is dead.";
        var likelihood = Likelihood.CannotTell;
        foreach (var (cut, whose) in new[] { (g.Part.Cut, "of this sowing"), (g.Lot?.CutTest, "of the lot") })
        {
            if (cut is not { Seeds: > 0 } test)
                continue;
            var full = (double)test.Full / test.Seeds;
            var words = Text.Of($"Cut test {whose}: {test.Full} full of {test.Seeds}{(test.Seeds < EnoughCut ? ", which is few" : "")}.");
            (full < PoorSeed ? e.For : e.Against).Add(words);
            var says =
                full < PoorSeed
                    ? test.Seeds >= EnoughCut
                        ? Likelihood.Likely
                        : Likelihood.Possible
                    : Likelihood.Unlikely;
            // the seed that did not come up speaks first
            if (likelihood == Likelihood.CannotTell)
                likelihood = says;
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

    /// <summary>So many looks at a pale surface are a habit (our assumption).</summary>
    private const int PaleLooks = 2;

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
            return e.Finding(
                Cause.DriedOut,
                dry.Count > 0 || (pales && pale.Count >= PaleLooks) ? Likelihood.Likely : Likelihood.Possible,
                Look
            );
        return Looked(g, e, Cause.DriedOut, Look);
    }

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
            return e.Finding(
                Cause.DrownedOrRotted,
                2 * rotten >= (g.Part.Cut?.Seeds ?? 1) || (wet.Count + shiny.Count > 0 && mould.Count > 0)
                    ? Likelihood.Likely
                    : Likelihood.Possible,
                Look
            );
        return Looked(g, e, Cause.DrownedOrRotted, Look);
    }

    public static CauseFinding? Frost(GerminationGround g)
    {
        var e = new Evidence();
        const string Look = "Look for glassy, fallen seedlings after a cold night. Dormant seed may freeze; seedlings may not.";
        var lost = g.Lost(LossCause.Frost);
        if (lost > 0)
        {
            e.For.Add(Text.Of($"{Seedlings(lost)} lost to frost."));
            return e.Finding(Cause.Frost, 2 * lost >= Math.Max(1, g.Result.Emerged) ? Likelihood.Likely : Likelihood.Possible, Look);
        }
        var freezing = g.Measured.Count(d => d.MinC < 0);
        if (freezing > 0 && g.Result.Emerged > 0)
        {
            e.For.Add(Text.Of($"{freezing} days since sowing went below {RuleOfThumb.Freezing}."));
            return e.Finding(Cause.Frost, Likelihood.Possible, Look);
        }
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
            return e.Finding(Cause.Pests, 2 * lost >= Math.Max(1, g.Result.Emerged) ? Likelihood.Likely : Likelihood.Possible, Look);
        }
        if (g.Outdoors)
            return e.Finding(Cause.Pests, Likelihood.CannotTell, Look);
        e.Against.Add("No eaten seedlings are recorded.");
        return e.Finding(Cause.Pests, Likelihood.Unlikely, Look);
    }

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
