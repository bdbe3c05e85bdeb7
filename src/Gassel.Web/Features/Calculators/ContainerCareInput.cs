using Gassel.Core.Record;

namespace Gassel.Web.Features.Calculators;

/// <param name="Cap">Off if left out.</param>
/// <param name="Shelter">None if left out.</param>
public sealed record ContainerCareInput(CapPosition? Cap = null, Shelter? Shelter = null);
