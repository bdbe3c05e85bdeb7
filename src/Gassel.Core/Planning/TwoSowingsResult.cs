namespace Gassel.Core.Planning;

/// <param name="BothReach">P(the plants wanted) from both, neither lost.</param>
public sealed record TwoSowingsResult(Sowing First, Sowing Second, double BothReach, IReadOnlyList<string> Working);
