using Gassel.Core;
using Gassel.Core.Germination;
using Gassel.Web.Problems;

namespace Gassel.Web.Features.Calculators;

internal static class GerminationCalculator
{
    public static IResult Answer(GerminationRequest request, CancellationToken cancel)
    {
        if (Check(request) is { } refusal)
            return refusal.ToResult();
        var r = GerminationResult.From(
            request.Sown,
            [.. request.Counts.Select(c => new SeedlingCount(c.Day, c.Emerged))],
            request.Confidence ?? 0.95,
            Context(request.Context),
            cancel: cancel
        );
        var i = r.Indices;
        return TypedResults.Ok(
            new GerminationResponse(
                r.Emerged,
                r.Fraction,
                r.Wilson,
                r.Exact,
                i.FirstDay,
                i.LastDay,
                i.T10,
                i.T25,
                i.T50Farooq,
                i.T50Coolbear,
                i.T75,
                i.T90,
                i.MeanTime,
                i.TimeVariance,
                i.MeanRate,
                i.CoefficientOfVelocity,
                i.Speed,
                i.Synchrony,
                i.UncertaintyBits,
                i.Uniformity,
                i.PeakValue,
                i.GerminationValue,
                r.Curve is { } c ? new(c.MaxFraction, c.T50, c.Shape, c.LogLikelihood, c.Extrapolated, r.Band) : null,
                r.Advice is { } a ? new(a.Kind, a.CutTestFirst, a.Remaining, a.Working) : null,
                r.Working
            )
        );
    }

    private static SowingContext? Context(ContextInput? input) =>
        input is null
            ? null
            : new(
                input.WindowDays.Shortest,
                input.WindowDays.Longest,
                input.Class,
                input.Depth,
                input.Flags ?? [],
                input.RotSeen ?? false,
                input.CutTest is { } cut ? new CutTest(cut.Full, cut.Empty, cut.Rotten) : null,
                input.SpringsPassed ?? 0,
                [.. (input.PastBatches ?? []).Select(p => new PastCurve(p.MaxFraction, p.T50, p.Shape))],
                input.Today
            );

    private static Refusal? Check(GerminationRequest request)
    {
        var refusal = Limits.Whole("sown", request.Sown, 1, 1_000_000)
            ?? Limits.Count("counts", request.Counts.Count, 0, 10_000)
            ?? Limits.Confidence("confidence", request.Confidence ?? 0.95);
        if (refusal is not null)
            return refusal;
        long sum = 0;
        for (var i = 0; i < request.Counts.Count; i++)
        {
            var count = request.Counts[i];
            var least = count.Emerged > 0 ? SeedlingCount.EarliestDay : 0;
            refusal = Limits.Whole($"counts[{i}].emerged", count.Emerged, 0, 1_000_000)
                ?? Limits.Number($"counts[{i}].day", count.Day, least, 100_000);
            if (refusal is not null)
                return refusal;
            if (i > 0 && count.Day <= request.Counts[i - 1].Day)
            {
                return new(
                    $"counts[{i}].day",
                    Text.Of($"counts[{i}].day was {count.Day}; days must increase, so above {request.Counts[i - 1].Day}.")
                );
            }
            sum += count.Emerged;
            if (sum > request.Sown)
            {
                return new(
                    $"counts[{i}].emerged",
                    $"By counts[{i}] {sum} seedlings are counted, but {request.Sown} seeds were sown; valid is a sum up to {request.Sown}."
                );
            }
        }
        return request.Context is { } context ? CheckContext(context) : null;
    }

    private static Refusal? CheckContext(ContextInput context)
    {
        var refusal = Limits.Number("context.windowDays.shortest", context.WindowDays.Shortest, 0, 10_000)
            ?? Limits.Number("context.windowDays.longest", context.WindowDays.Longest, context.WindowDays.Shortest, 10_000)
            ?? Limits.Number("context.today", context.Today ?? 0, 0, 100_000)
            ?? Limits.Whole("context.springsPassed", context.SpringsPassed ?? 0, 0, 100)
            ?? Limits.Count("context.pastBatches", context.PastBatches?.Count ?? 1, 1, 1000)
            ?? Limits.Count("context.flags", context.Flags?.Count ?? 0, 0, 50);
        if (refusal is null && context.CutTest is { } cut)
        {
            refusal = Limits.Whole("context.cutTest.full", cut.Full, 0, 1_000_000)
                ?? Limits.Whole("context.cutTest.empty", cut.Empty, 0, 1_000_000)
                ?? Limits.Whole("context.cutTest.rotten", cut.Rotten, 0, 1_000_000)
                ?? (cut is { Full: 0, Empty: 0, Rotten: 0 } ? new("context.cutTest", "A cut test needs at least one seed cut.") : null);
        }
        for (var i = 0; refusal is null && i < (context.PastBatches?.Count ?? 0); i++)
        {
            var past = context.PastBatches![i];
            refusal = Limits.Open($"context.pastBatches[{i}].maxFraction", past.MaxFraction, 0, 1, includeMax: true)
                ?? Limits.Open($"context.pastBatches[{i}].t50", past.T50, 0, 10_000)
                ?? Limits.Open($"context.pastBatches[{i}].shape", past.Shape, 0, 50, includeMax: true);
        }
        return refusal;
    }
}
