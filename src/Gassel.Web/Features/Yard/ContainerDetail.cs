using Gassel.Core.Fold;
using Gassel.Core.Yard;

namespace Gassel.Web.Features.Yard;

/// <summary>A container closely.</summary>
/// <param name="Days">From the set-out to the end of the outlook, and typical days until nearly all is up.</param>
/// <param name="Hours">From three days ago to the end of the outlook.</param>
/// <param name="Counts">As recorded.</param>
/// <param name="Preparation">Steps with whether they were checked off.</param>
/// <param name="FrozenHours">So far.</param>
public sealed record ContainerDetail(
    ContainerBrief Brief,
    IReadOnlyList<TaleDay> Days,
    IReadOnlyList<InsideHour> Hours,
    IReadOnlyList<CountRecord> Counts,
    double? KillC,
    double CeilingC,
    double FrozenHours,
    ThermalNeedView? Thermal,
    IReadOnlyList<PreparationLine> Preparation,
    IReadOnlyList<string> Doubts,
    ContainerParameters Parameters,
    IReadOnlyList<TendedLine> Tended,
    IReadOnlyList<string> Working
);
