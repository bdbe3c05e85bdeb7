using System.Globalization;
using Gassel.Core.Treatments;

namespace Gassel.Core.Germination;

public enum AdviceKind
{
    Wait,
    Enough,
    SecondCold,
    KeepToNextSpring,
    Close,
}

/// <summary>Seeds cut open: full and firm, empty, or rotten.</summary>
public readonly record struct CutTest(int Full, int Empty, int Rotten)
{
    [System.Text.Json.Serialization.JsonIgnore]
    public int Seeds => Full + Empty + Rotten;

    public static CutTest operator +(CutTest a, CutTest b) => new(a.Full + b.Full, a.Empty + b.Empty, a.Rotten + b.Rotten);
}

/// <summary>A fitted curve of an earlier batch of the same species and route.</summary>
public readonly record struct PastCurve(double MaxFraction, double T50, double Shape);

/// <summary>What is known of a sown batch beside its counts.</summary>
/// <param name="WindowShortestDays">Expected days to emergence, shortest.</param>
/// <param name="WindowLongestDays">Expected days to emergence, longest.</param>
/// <param name="SpringsPassed">Springs that the sown seed has been through.</param>
public sealed record SowingContext(
    double WindowShortestDays,
    double WindowLongestDays,
    DormancyClass DormancyClass,
    DormancyDepth? Depth,
    IReadOnlyList<SpeciesFlag> Flags,
    bool RotSeen,
    CutTest? CutTest,
    int SpringsPassed,
    IReadOnlyList<PastCurve> PastBatches);

/// <summary>What the next 14 days can still bring.</summary>
public readonly record struct Remaining(double Expected, double ProbabilityOfAny);

/// <param name="CutTestFirst">A cut test on a few seeds is asked for before acting on the advice.</param>
public sealed record StoppingAdvice(AdviceKind Kind, bool CutTestFirst, Remaining? Remaining, IReadOnlyList<string> Working);

/// <summary>Whether to go on waiting for a sown batch. The limits are our assumption; the patience is common practice, no source.</summary>
public static class StoppingRule
{
    public const int HorizonDays = 14;

    /// <summary>With at least this chance of another seedling in the horizon, waiting is worth the bench space.</summary>
    private const double WorthWaiting = 0.5;

    /// <summary>A batch with at least this share up has given what it had.</summary>
    private const double MostlyUp = 0.5;

    public static StoppingAdvice Advise(int sown, IReadOnlyList<SeedlingCount> counts, EmergenceCurve? curve, SowingContext context)
    {
        var emerged = counts.Sum(c => c.Emerged);
        var day = counts.Count == 0 ? 0 : counts[^1].Day;
        var lines = new List<string>();
        var remaining = Remain(sown, emerged, day, curve, context, lines);
        StoppingAdvice Say(AdviceKind kind, string reason, bool cutTestFirst = false)
        {
            lines.Add(reason);
            return new(kind, cutTestFirst, remaining, lines);
        }
        string Number(double value) => value.ToString("0.#", CultureInfo.InvariantCulture);

        if (emerged == sown) return Say(AdviceKind.Enough, "Every seed is up.");
        var deadSeed = context.RotSeen || context.CutTest is { Full: 0 } and { Empty: > 0 } or { Full: 0, Rotten: > 0 };
        if (day < context.WindowLongestDays && !deadSeed)
        {
            return Say(AdviceKind.Wait, $"Day {Number(day)} lies inside or before the expected window of {Number(context.WindowShortestDays)}–{Number(context.WindowLongestDays)} days: no giving up inside it.");
        }
        if (context.SpringsPassed < 2 && DormancyClasses.KeepsToSecondSpring(context.DormancyClass, context.Depth, context.Flags))
        {
            return Say(AdviceKind.KeepToNextSpring, "Deep, morphophysiological, root-before-shoot and hard-coated seed is never closed before its second spring.");
        }
        if (!deadSeed && remaining is { } r && r.ProbabilityOfAny >= WorthWaiting)
        {
            return Say(AdviceKind.Wait, string.Create(CultureInfo.InvariantCulture, $"Another seedling in the next {HorizonDays} days has probability {r.ProbabilityOfAny:P0}: worth the space."));
        }
        if ((double)emerged / sown >= MostlyUp) return Say(AdviceKind.Enough, "Past the window, more than half is up and little more is expected.");
        return context.CutTest switch
        {
            null => Say(context.DormancyClass == DormancyClass.Physiological && !deadSeed ? AdviceKind.SecondCold : AdviceKind.Close,
                "Past the window with little more expected. Cut a few seeds first: full and firm means alive, empty or rotten means over.", cutTestFirst: true),
            { Full: > 0 } when context.DormancyClass != DormancyClass.None => Say(AdviceKind.SecondCold, "The cut test found full seed: a second cold may bring it."),
            { Full: > 0 } => Say(AdviceKind.Wait, "The cut test found full seed of a kind without dormancy: look at temperature, light and moisture."),
            _ => Say(AdviceKind.Close, "The cut test found no full seed."),
        };
    }

    /// <summary>From the fitted curve unless it is extrapolated, else from the mean of past curves, else unknown.</summary>
    private static Remaining? Remain(int sown, int emerged, double day, EmergenceCurve? curve, SowingContext context, List<string> lines)
    {
        Func<double, double>? share = null;
        if (curve is { Extrapolated: false })
        {
            share = curve.At;
            lines.Add("Remaining emergence from this batch's own fitted curve.");
        }
        else if (context.PastBatches.Count > 0)
        {
            share = t => context.PastBatches.Average(p => p.MaxFraction * EmergenceCurve.Reached(t, Math.Log(p.T50), p.Shape));
            lines.Add(string.Create(CultureInfo.InvariantCulture, $"No safe curve of its own yet: remaining emergence from the mean of {context.PastBatches.Count} past batches."));
        }
        if (share is null)
        {
            lines.Add("No safe curve yet and no past batches: what remains is unknown.");
            return null;
        }
        var chance = Math.Clamp((share(day + HorizonDays) - share(day)) / Math.Max(1e-12, 1 - share(day)), 0, 1);
        var left = sown - emerged;
        return new(left * chance, 1 - Math.Pow(1 - chance, left));
    }
}
