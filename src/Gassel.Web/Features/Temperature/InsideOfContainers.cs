using Gassel.Web.Features.Yard;

namespace Gassel.Web.Features.Temperature;

/// <summary>The containers that are out, by batch and part, with what the model says of their inside.</summary>
internal sealed record InsideOfContainers(IReadOnlyDictionary<(Guid Batch, string Part), YardVessel> Vessels, long Sky);
