namespace Gassel.Core.Seed;

/// <summary>What the germination of a lot under a route rests on.</summary>
public enum GerminationBasis
{
    /// <summary>A test under the route's treatment.</summary>
    Test,

    /// <summary>What the grower expects.</summary>
    Expected,

    /// <summary>Viability by the school, times the share of live seed taken to come up.</summary>
    Rule,

    /// <summary>Finished batches of one's own by this route, on top of what was expected or of the rule.</summary>
    OwnBatches,

    /// <summary>Batches of other nurseries, treated alike, while there is none of one's own.</summary>
    Evidence,
}
