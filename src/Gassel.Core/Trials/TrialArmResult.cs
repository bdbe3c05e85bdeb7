using Gassel.Core.Germination;

namespace Gassel.Core.Trials;

/// <summary>An arm's result.</summary>
/// <param name="Replicates">Each by itself.</param>
/// <param name="Agreement">Whether its replicates may be one; null with one of them, or where none or all came up.</param>
public sealed record TrialArmResult(
    ArmResult Arm,
    bool IsControl,
    IReadOnlyList<ArmResult> Replicates,
    Heterogeneity? Agreement,
    double? MeanTime
)
{
    public bool Agrees => Agreement is null || Agreement.P >= TrialResult.Doubt;
}
