using Gassel.Core.Trials;
using Gassel.Web.Problems;

namespace Gassel.Web.Features.Calculators;

internal static class TrialSizeCalculator
{
    public static IResult Answer(TrialSizeRequest request, CancellationToken cancel)
    {
        var (power, alpha) = (request.Power ?? 0.8, request.Alpha ?? 0.05);
        var refusal = Limits.Number("control", request.Control, 0, 1)
            ?? Limits.Number("treated", request.Treated, 0, 1)
            ?? Limits.Open("alpha", alpha, 0, 1)
            ?? (alpha < 1e-12 ? new Refusal("alpha", $"alpha was {alpha}; valid is a number from 0.000000000001, below power.") : null)
            ?? Limits.Open("power", power, alpha, 1)
            ?? Limits.Confidence("power", power)
            ?? (request.SeedsAtHand is { } seeds ? Limits.Whole("seedsAtHand", seeds, 1, 1_000_000) : null)
            ?? (
                request.Control == request.Treated
                    ? new Refusal(
                        "treated",
                        "treated was the same as control; valid is another rate, for equal rates no number of seeds tells apart."
                    )
                    : null
            );
        return refusal?.ToResult()
            ?? (IResult)TypedResults.Ok(TrialSizes.Of(request.Control, request.Treated, power, alpha, request.SeedsAtHand, cancel));
    }
}
