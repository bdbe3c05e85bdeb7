using System.Globalization;
using Gassel.Core.Treatments;

namespace Gassel.Core.Germination;

/// <summary>Whether to go on waiting for a sown batch. The limits are our assumption; the patience is common practice, no source.</summary>
public static class StoppingRule
{
    public const int HorizonDays = 14;

    /// <summary>With at least this chance of another seedling in the horizon, waiting is worth the bench space.</summary>
    private const double WorthWaiting = 0.5;

    /// <summary>A batch with at least this share up has given what it had.</summary>
    private const double MostlyUp = 0.5;

    /// <summary>The draws of what remains are the same each time they are asked for.</summary>
    private const int DrawSeed = 14;

    /// <summary>
    /// Uncounted for longer, where the last count lies inside the window, advice would rest on what nobody saw, days (our assumption).
    /// </summary>
    public const int CountAfterDays = 14;

    /// <param name="fits">Draws of the curve, for the interval of what remains; empty where there are none.</param>
    public static StoppingAdvice Advise(
        int sown,
        IReadOnlyList<SeedlingCount> counts,
        EmergenceCurve? curve,
        SowingContext context,
        IReadOnlyList<EmergenceCurve>? fits = null
    )
    {
        var emerged = counts.Sum(c => c.Emerged);
        var counted = counts.Count == 0 ? 0 : counts[^1].Day;
        var day = Math.Max(counted, context.DayNow ?? counted);
        var lines = new List<string>();
        var remaining = Remain(sown, emerged, counts, day, curve, context, fits ?? [], lines);
        StoppingAdvice Say(AdviceKind kind, string reason, bool cutTestFirst = false)
        {
            lines.Add(reason);
            return new(kind, cutTestFirst, remaining, lines);
        }
        string Number(double value) => value.ToString("0.#", CultureInfo.InvariantCulture);

        if (emerged == sown)
            return Say(AdviceKind.Enough, "Every seed is up.");
        // what was counted to the end of its window is judged by that
        if (day >= context.WindowShortestDays && counted < context.WindowLongestDays && day - counted >= CountAfterDays)
        {
            return Say(
                AdviceKind.CountFirst,
                counts.Count == 0
                    ? $"Sown {Number(day)} days ago and never counted: what came up is not known."
                    : $"Last counted on day {Number(counted)}, {Number(day - counted)} days ago: what came up since is not known."
            );
        }
        var deadSeed = context.RotSeen || context.CutTest is { Full: 0 } and { Empty: > 0 } or { Full: 0, Rotten: > 0 };
        // dead seed on record ends the patience only where little more is expected, or nothing came over two counts into the window
        var nothingCame = emerged == 0 && counts.Count(c => c.Day >= context.WindowShortestDays) >= 2;
        var over = deadSeed && (nothingCame || remaining is { ProbabilityOfAny: < WorthWaiting });
        if (day < context.WindowLongestDays && !over)
        {
            return Say(
                AdviceKind.Wait,
                day < context.WindowShortestDays
                    ? $"Day {Number(day)}: seedlings are expected from day {Number(context.WindowShortestDays)} to "
                        + $"{Number(context.WindowLongestDays)}."
                    : $"Day {Number(day)} lies inside the expected window of "
                        + $"{Number(context.WindowShortestDays)}–{Number(context.WindowLongestDays)} "
                        + $"days{(deadSeed ? ", and more may come in spite of dead seed" : "")}: do not give up inside it."
            );
        }
        if (context.SpringsPassed < 2 && DormancyClasses.KeepsToSecondSpring(context.DormancyClass, context.Depth, context.Flags))
        {
            return Say(
                AdviceKind.KeepToNextSpring,
                "Deep, morphophysiological, root-before-shoot and hard-coated seed is never closed before its second spring."
            );
        }
        if (!over && remaining is { } r && r.ProbabilityOfAny >= WorthWaiting)
        {
            return Say(
                AdviceKind.Wait,
                Text.Of($"Another seedling in the next {HorizonDays} days is {r.ProbabilityOfAny:P0} likely: worth the space.")
            );
        }
        if ((double)emerged / sown >= MostlyUp)
            return Say(AdviceKind.Enough, "Past the window, more than half is up and little more is expected.");
        return context.CutTest switch
        {
            null => Say(
                context.DormancyClass == DormancyClass.Physiological && !deadSeed ? AdviceKind.SecondCold : AdviceKind.Close,
                "Past the window with little more expected. Cut a few seeds first: full and firm means alive, empty or rotten means over.",
                cutTestFirst: true
            ),
            { Full: > 0 } when context.DormancyClass != DormancyClass.None => Say(
                AdviceKind.SecondCold,
                "The cut test found full seed: a second cold may bring it."
            ),
            { Full: > 0 } => Say(
                AdviceKind.Wait,
                "The cut test found full seed of a kind without dormancy: look at temperature, light and moisture."
            ),
            _ => Say(AdviceKind.Close, "The cut test found no full seed."),
        };
    }

    /// <summary>From the fitted curve unless it is extrapolated, else from the mean of past curves, else unknown.</summary>
    private static Remaining? Remain(
        int sown,
        int emerged,
        IReadOnlyList<SeedlingCount> counts,
        double day,
        EmergenceCurve? curve,
        SowingContext context,
        IReadOnlyList<EmergenceCurve> fits,
        List<string> lines
    )
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
            lines.Add(
                Text.Of($"No reliable curve of its own yet: remaining emergence from the mean of {context.PastBatches.Count} past batches.")
            );
        }
        if (share is null)
        {
            lines.Add("No reliable curve yet and no past batches: what is still to come is not known.");
            return null;
        }
        var left = sown - emerged;
        // of the seed left at the last count, some may have come up unseen; those of the horizon are the ones still to come
        var counted = counts.Count == 0 ? 0 : counts[^1].Day;
        double Chance(Func<double, double> at) => Math.Clamp((at(day + HorizonDays) - at(day)) / Math.Max(1e-12, 1 - at(counted)), 0, 1);
        var chance = Chance(share);
        var random = new Random(DrawSeed);
        var drawn = curve is { Extrapolated: false }
            ? fits.Select(f => (double)BinomialDraw.Of(random, left, Chance(f.At))).Order().ToArray()
            : [];
        return drawn.Length == 0
            ? new(left * chance, 1 - Math.Pow(1 - chance, left))
            : new(
                left * chance,
                1 - Math.Pow(1 - chance, left),
                drawn[(int)(0.025 * (drawn.Length - 1))],
                drawn[(int)Math.Ceiling(0.975 * (drawn.Length - 1))]
            );
    }
}
