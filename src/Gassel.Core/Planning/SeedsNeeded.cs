using Gassel.Core.Germination;

namespace Gassel.Core.Planning;

/// <summary>How many seeds to start so that enough plants come of them with a stated confidence.</summary>
public static class SeedsNeeded
{
    public const int MaxSeeds = 10_000_000;
    public const int MaxContainers = 60;

    /// <summary>A number beyond this nobody could sow; none is given.</summary>
    private const double MostNamed = 1e9;

    public static SeedsNeededResult For(SeedsQuestion question)
    {
        ArgumentOutOfRangeException.ThrowIfLessThan(question.Plants, 1);
        var belief = question.Germination;
        var simple =
            belief.ObservedRate > 0
                ? Math.Ceiling(question.Plants / (belief.ObservedRate * question.Survival) - 1e-9)
                : double.PositiveInfinity;
        var naive = simple <= MostNamed ? (long)simple : (long?)null;
        var perUnit = question.SeedsPerCell ?? 1;
        // units are what succeed or fail on their own: seeds, or cells thinned to one
        var units = CouldReach(question)
            ? SmallestThat(n => ReachProbability(n, question) >= question.Confidence, question.Plants, MaxSeeds / perUnit)
            : null;
        var speaks = belief is not GerminationBelief.Tested { Germinated: 0 };
        if (units is not { } found)
            return new(null, null, null, naive, null, Working(question, null, null, naive, null)) { TestSpeaks = speaks };

        var reach = ReachProbability(found, question);
        var plants = found * belief.Mean(g => Success(g, question)) * (1 - question.WholeContainerLoss);
        CellNumbers? cells = question.SeedsPerCell is { } k
            ? new(
                found,
                (found + question.CellsPerTray - 1) / question.CellsPerTray,
                belief.Mean(g => Math.Pow(1 - g, k)),
                found * belief.Mean(g => k * g - (1 - Math.Pow(1 - g, k)))
            )
            : null;
        return new(found * perUnit, reach, plants, naive, cells, Working(question, found, reach, naive, cells)) { TestSpeaks = speaks };
    }

    /// <summary>
    /// P(X ≥ plants) with so many seeds, or cells where the question is asked by cells; g is integrated over the belief where it is
    /// uncertain.
    /// </summary>
    public static double ReachProbability(int units, SeedsQuestion question)
    {
        var standing = ContainerLoss.UnitsLeft(units, question.WholeContainerLoss, question.Containers);
        return Math.Min(
            1,
            standing.Sum(s =>
                s.Probability
                * question.Germination.Reach(question.Plants, s.Units, g => Success(g, question), p => GerminationFor(p, question))
            )
        );
    }

    /// <summary>Germination at which one unit gives a plant with the probability; above 1 where the survival alone is below it.</summary>
    private static double GerminationFor(double probability, SeedsQuestion question)
    {
        var up = probability / question.Survival;
        return up >= 1 ? 2
            : question.SeedsPerCell is { } k ? 1 - Math.Pow(1 - up, 1.0 / k)
            : up;
    }

    /// <summary>Probability that one unit gives a plant.</summary>
    private static double Success(double g, SeedsQuestion question) =>
        (question.SeedsPerCell is { } k ? 1 - Math.Pow(1 - g, k) : g) * question.Survival;

    /// <summary>However much seed: with every container lost there are no plants.</summary>
    private static bool CouldReach(SeedsQuestion question) =>
        question.WholeContainerLoss <= 0 || 1 - Math.Pow(question.WholeContainerLoss, question.Containers) >= question.Confidence;

    private static int? SmallestThat(Func<int, bool> enough, int from, int most)
    {
        if (from > most)
            return null;
        long high = from;
        while (!enough((int)high))
        {
            if (high >= most)
                return null;
            high = Math.Min(most, high * 2);
        }
        long low = Math.Max(from - 1, high / 2 - 1);
        while (high - low > 1)
        {
            var middle = (low + high) / 2;
            if (enough((int)middle))
                high = middle;
            else
                low = middle;
        }
        return (int)high;
    }

    private static List<string> Working(SeedsQuestion question, int? units, double? reach, long? naive, CellNumbers? cells)
    {
        var (k, survival) = (question.SeedsPerCell, question.Survival);
        var lines = new List<string> { Text.Of($"{question.Germination.Words} Survival to a plant {Percent.Of(survival)}.") };
        lines.Add(
            k is null
                ? Text.Of(
                    $"Plants ~ Binomial(seeds, germination × survival); wanted: {question.Plants} or more with "
                        + $"probability {Percent.Of(question.Confidence)}."
                )
                : Text.Of(
                    $"{k} seeds to a cell, thinned to one: a cell gives a plant with probability (1 − (1 − "
                        + $"germination)^{k}) × survival; wanted: {question.Plants} or more with probability "
                        + $"{Percent.Of(question.Confidence)}."
                )
        );
        if (question.Germination is GerminationBelief.Tested { Germinated: 0 } silent)
        {
            lines.Add(
                Text.Of(
                    $"Nothing came up of {silent.Seeds} tested: the test does not tell how much will. The number rests "
                        + $"on what we assume before any test (Jeffreys)."
                )
            );
        }
        if (naive is null && question.Germination.ObservedRate > 0)
            lines.Add("Simple division gives more than a thousand million seeds; no number is given.");
        if (question.WholeContainerLoss > 0)
        {
            lines.Add(
                Text.Of(
                    $"Spread over {question.Containers} {(question.Containers == 1 ? "container" : "containers")}, "
                        + $"each lost whole with probability {Percent.Of(question.WholeContainerLoss)} on its own (share "
                        + $"lost: our assumption)."
                )
            );
            var needed = (int)Math.Ceiling(Math.Log(1 - question.Confidence) / Math.Log(question.WholeContainerLoss) - 1e-9);
            if (question.Containers < needed)
            {
                lines.Add(
                    Text.Of(
                        $"More seed cannot mend a lost container: {needed} containers or more would reach "
                            + $"{Percent.Of(question.Confidence)}."
                    )
                );
            }
        }
        if (units is { } n)
        {
            var what = k is null ? "seeds" : "cells";
            lines.Add(
                Text.Of(
                    $"{n} {what} reach it with probability {Percent.Of(reach ?? 0)}; {n - 1} with "
                        + $"{Percent.Of(ReachProbability(n - 1, question))}."
                )
            );
        }
        else if (CouldReach(question))
        {
            lines.Add(Text.Of($"More than {MaxSeeds:N0} seeds would be needed; no number is given."));
        }
        if (cells is not null)
        {
            lines.Add(
                Text.Of(
                    $"{cells.Cells} cells of {k} seeds = {cells.Cells * k} seeds in {cells.Trays} trays of "
                        + $"{question.CellsPerTray}; {Percent.Of(cells.EmptyCellFraction)} of the cells stay empty, about "
                        + $"{cells.SurplusSeedlings:0} seedlings are thinned away."
                )
            );
        }
        if (naive is { } usual and <= MaxSeeds && k is null)
        {
            lines.Add(
                Text.Of(
                    $"Simple division, plants ÷ rate, gives {usual} seeds and reaches it with probability "
                        + $"{Percent.Of(ReachProbability((int)usual, question))} only."
                )
            );
        }
        return lines;
    }
}
