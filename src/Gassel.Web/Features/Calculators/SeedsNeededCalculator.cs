using Gassel.Core.Germination;
using Gassel.Core.Planning;
using Gassel.Web.Problems;

namespace Gassel.Web.Features.Calculators;

internal static class SeedsNeededCalculator
{
    public static IResult Answer(SeedsNeededRequest request)
    {
        if (Check(request) is { } refusal)
            return refusal.ToResult();
        GerminationBelief belief = request.Test is { } test
            ? new GerminationBelief.Tested(test.Germinated, test.Tested)
            : new GerminationBelief.Known(request.Germination!.Value);
        var r = SeedsNeeded.For(
            new(
                request.Plants,
                belief,
                request.Survival ?? 1,
                request.Confidence ?? 0.9,
                request.SeedsPerCell,
                request.CellsPerTray ?? 72,
                request.WholeContainerLoss ?? 0,
                request.Containers ?? 1
            )
        );
        return TypedResults.Ok(
            new SeedsNeededResponse(
                r.Seeds,
                r.ReachProbability,
                r.ExpectedPlants,
                r.NaiveSeeds,
                r.Cells?.Cells,
                r.Cells?.Trays,
                r.Cells?.EmptyCellFraction,
                r.Cells?.SurplusSeedlings,
                request.Test is null ? null : r.TestSpeaks,
                r.Working
            )
        );
    }

    private static Refusal? Check(SeedsNeededRequest request)
    {
        if (request.Germination is null == request.Test is null)
        {
            return new(
                "germination",
                "Exactly one of germination and test is needed: a share in (0, 1], or a test with germinated and tested."
            );
        }
        return Limits.Whole("plants", request.Plants, 1, 1_000_000)
            ?? (request.Germination is { } g ? Limits.Open("germination", g, 0, 1, includeMax: true) : null)
            ?? (
                request.Test is { } t
                    ? Limits.Whole("test.tested", t.Tested, 1, 1_000_000) ?? Limits.Whole("test.germinated", t.Germinated, 0, t.Tested)
                    : null
            )
            ?? Limits.Open("survival", request.Survival ?? 1, 0, 1, includeMax: true)
            ?? Limits.Confidence("confidence", request.Confidence ?? 0.9)
            ?? (request.SeedsPerCell is { } k ? Limits.Whole("seedsPerCell", k, 1, 1000) : null)
            ?? Limits.Whole("cellsPerTray", request.CellsPerTray ?? 72, 1, 10_000)
            ?? Limits.Number("wholeContainerLoss", request.WholeContainerLoss ?? 0, 0, 0.99)
            ?? (request.Containers is { } c ? Limits.Whole("containers", c, 1, SeedsNeeded.MaxContainers) : null)
            ?? (
                request.WholeContainerLoss > 0 && request.Containers is null
                    ? new("containers", $"A share of containers lost needs their number; valid is 1 to {SeedsNeeded.MaxContainers}.")
                    : null
            );
    }
}
