using Gassel.Core.Germination;
using Gassel.Web.Problems;

namespace Gassel.Web.Features.Calculators;

internal static class CompareCalculator
{
    public const int MaxArms = 50;

    public static IResult Answer(CompareRequest request, CancellationToken cancel) =>
        Check(request) is { } refusal
            ? refusal.ToResult()
            : TypedResults.Ok(
                Comparison.Of([.. request.Arms.Select(a => new Arm(a.Name, a.Emerged, a.Sown))], request.Confidence ?? 0.95, cancel)
            );

    private static Refusal? Check(CompareRequest request)
    {
        if (
            (Limits.Count("arms", request.Arms.Count, 1, MaxArms) ?? Limits.Confidence("confidence", request.Confidence ?? 0.95)) is
            { } refusal
        )
            return refusal;
        var names = new HashSet<string>();
        for (var i = 0; i < request.Arms.Count; i++)
        {
            if (request.Arms[i] is not { } arm)
                return new($"arms[{i}]", $"arms[{i}] is null; an arm with name, emerged and sown is needed.");
            var wrong = Limits.Text($"arms[{i}].name", arm.Name, 200)
                ?? Limits.Whole($"arms[{i}].sown", arm.Sown, 1, 1_000_000)
                ?? Limits.Whole($"arms[{i}].emerged", arm.Emerged, 0, arm.Sown)
                ?? (
                    names.Add(arm.Name)
                        ? null
                        : new($"arms[{i}].name", $"arms[{i}].name was '{arm.Name}', which another arm has; valid is a name of its own.")
                );
            if (wrong is not null)
                return wrong;
        }
        return null;
    }
}
