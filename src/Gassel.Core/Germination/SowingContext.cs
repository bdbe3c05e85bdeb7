using Gassel.Core.Treatments;

namespace Gassel.Core.Germination;

/// <summary>What is known of a sown batch beside its counts.</summary>
/// <param name="WindowShortestDays">Expected days to emergence, shortest.</param>
/// <param name="WindowLongestDays">Expected days to emergence, longest.</param>
/// <param name="SpringsPassed">Springs that the sown seed has been through.</param>
/// <param name="DayNow">Days since sowing today; null where the last count is today.</param>
public sealed record SowingContext(
    double WindowShortestDays,
    double WindowLongestDays,
    DormancyClass DormancyClass,
    DormancyDepth? Depth,
    IReadOnlyList<SpeciesFlag> Flags,
    bool RotSeen,
    CutTest? CutTest,
    int SpringsPassed,
    IReadOnlyList<PastCurve> PastBatches,
    double? DayNow = null
);
