using Gassel.Core.Closing;

namespace Gassel.Web.Features.Closing;

/// <param name="Seasons">All there are, the newest first.</param>
public sealed record SeasonBooks(SeasonAccount Account, IReadOnlyList<int> Seasons, CostAssumptions Costs);
