using System.Globalization;
using Gassel.Core.Climate;
using Gassel.Core.Record;
using Gassel.Core.Yard;
using Gassel.Web.Problems;

namespace Gassel.Web.Features.Calculators;

/// <param name="Cap">Off if left out.</param>
/// <param name="Shelter">None if left out.</param>
public sealed record ContainerCareInput(CapPosition? Cap = null, Shelter? Shelter = null);
