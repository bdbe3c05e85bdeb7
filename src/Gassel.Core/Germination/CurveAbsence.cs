namespace Gassel.Core.Germination;

/// <summary>Why there is no curve, or why it is only a guess beyond the counts.</summary>
public enum CurveAbsence
{
    TooFewCountsWithSeedlings,
    OnlyTwoNeighbouringCounts,
    NotIdentified,
    TooSteep,
}
