namespace Gassel.Core.Planning;

/// <summary>One of two sowings.</summary>
/// <param name="ExpectedPlants">Mean number from its seed, if it is not lost.</param>
/// <param name="AloneReaches">P(all the plants wanted) if the other sowing is lost whole.</param>
public sealed record Sowing(int Seeds, double ExpectedPlants, double AloneReaches);
