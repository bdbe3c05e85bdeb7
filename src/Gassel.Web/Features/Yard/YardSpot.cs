using Gassel.Core.Record;

namespace Gassel.Web.Features.Yard;

/// <summary>A spot of the yard with what stands there.</summary>
public sealed record YardSpot(Place Place, IReadOnlyList<ContainerBrief> Containers);
