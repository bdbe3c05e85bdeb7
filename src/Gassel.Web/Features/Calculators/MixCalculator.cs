using Gassel.Core;
using Gassel.Core.Planning;
using Gassel.Web.Problems;

namespace Gassel.Web.Features.Calculators;

internal static class MixCalculator
{
    private const int MaxVessels = 100_000;
    private const int MaxParts = 10;

    public static MixStart Start() =>
        new(
            [.. MixAmounts.Usual.Select(m => new NamedMix(m.Name, m.Shares))],
            Enum.GetValues<MixVessel>().ToDictionary(v => v, MixAmounts.UsualLitres),
            MixAmounts.UsualSettling
        );

    public static IResult Answer(MixRequest request) =>
        Check(request) is { } refusal
            ? refusal.ToResult()
            : TypedResults.Ok(
                MixAmounts.For(
                    request.Count,
                    request.LitresEach ?? MixAmounts.UsualLitres(request.Vessel),
                    request.Parts,
                    request.Settling ?? MixAmounts.UsualSettling,
                    request.Boiled ?? false
                )
            );

    private static Refusal? Check(MixRequest request)
    {
        var refusal = Limits.Whole("count", request.Count, 1, MaxVessels)
            ?? (request.LitresEach is { } litres ? Limits.Open("litresEach", litres, 0, 1000, includeMax: true) : null)
            ?? (request.Settling is { } settling ? Limits.Number("settling", settling, 0, MixAmounts.MostSettling) : null)
            ?? Limits.Count("parts", request.Parts.Count, 1, MaxParts);
        if (refusal is not null)
            return refusal;
        for (var i = 0; i < request.Parts.Count; i++)
        {
            if (Limits.Open($"parts[{i}].parts", request.Parts[i].Parts, 0, 100, includeMax: true) is { } wrong)
                return wrong;
            if (request.Parts.Take(i).Any(p => p.Part == request.Parts[i].Part))
                return new($"parts[{i}].part", $"{request.Parts[i].Part.Words()} appears twice; put its parts together.");
        }
        return null;
    }
}
