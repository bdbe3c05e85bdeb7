using Gassel.Core.Germination;

namespace Gassel.Core.Planning;

/// <param name="Plants">Wanted, at least 1.</param>
/// <param name="Germination">What is believed of the lot under the route.</param>
/// <param name="Survival">Share of seedlings that become plants, in (0, 1].</param>
/// <param name="Confidence">Wanted probability of reaching the number, in (0, 1).</param>
/// <param name="SeedsPerCell">Seeds sown to a cell and thinned to one; null where seed is not sown by cells.</param>
/// <param name="WholeContainerLoss">Share of containers lost whole, in [0, 1).</param>
/// <param name="Containers">Containers over which the seed is spread evenly; counts only with a loss above 0.</param>
public sealed record SeedsQuestion(
    int Plants,
    GerminationBelief Germination,
    double Survival = 1,
    double Confidence = 0.9,
    int? SeedsPerCell = null,
    int CellsPerTray = 72,
    double WholeContainerLoss = 0,
    int Containers = 1
);
