using Gassel.Core.Treatments;

namespace Gassel.Web.Features.Calculators;

/// <param name="Today">Days since sowing today; the day of the last count if left out.</param>
public sealed record ContextInput(
    WindowDays WindowDays,
    DormancyClass Class,
    DormancyDepth? Depth = null,
    IReadOnlyList<SpeciesFlag>? Flags = null,
    bool? RotSeen = null,
    CutTestInput? CutTest = null,
    int? SpringsPassed = null,
    IReadOnlyList<PastCurveInput>? PastBatches = null,
    double? Today = null
);
