namespace Gassel.Core.Planning;

/// <param name="Seeds">Smallest number that reaches the plants with the wanted confidence; null where none up to
/// <see cref="SeedsNeeded.MaxSeeds"/> does.</param>
/// <param name="ReachProbability">P(plants or more) with that number of seeds.</param>
/// <param name="ExpectedPlants">Mean number of plants from that number of seeds.</param>
/// <param name="NaiveSeeds">Plants ÷ (observed rate · survival), rounded up: the usual sum, which fails about every second time. Null where
/// the rate is 0.</param>
/// <param name="Cells">Null where seed is not sown by cells, or no number is given.</param>
public sealed record SeedsNeededResult(
    int? Seeds,
    double? ReachProbability,
    double? ExpectedPlants,
    long? NaiveSeeds,
    CellNumbers? Cells,
    IReadOnlyList<string> Working
)
{
    /// <summary>False for a test in which nothing came up: it leaves germination open from nothing to a few in a hundred.</summary>
    public bool TestSpeaks { get; init; } = true;
}
