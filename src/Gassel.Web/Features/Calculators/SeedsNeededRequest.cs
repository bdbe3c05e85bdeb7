namespace Gassel.Web.Features.Calculators;

/// <summary>Exactly one of <paramref name="Germination"/> and <paramref name="Test"/>.</summary>
/// <param name="Plants">Wanted, 1 to 1,000,000.</param>
/// <param name="Germination">In (0, 1].</param>
/// <param name="Survival">In (0, 1]; 1 if left out.</param>
/// <param name="Confidence">In (0, 1); 0.9 if left out.</param>
/// <param name="SeedsPerCell">Sown to a cell and thinned to one.</param>
/// <param name="CellsPerTray">72 if left out.</param>
/// <param name="WholeContainerLoss">Share of containers lost whole, in [0, 1); 0 if left out.</param>
/// <param name="Containers">Over which the seed is spread evenly; needed where the loss is above 0.</param>
public sealed record SeedsNeededRequest(
    int Plants,
    double? Germination = null,
    TestInput? Test = null,
    double? Survival = null,
    double? Confidence = null,
    int? SeedsPerCell = null,
    int? CellsPerTray = null,
    double? WholeContainerLoss = null,
    int? Containers = null
);
