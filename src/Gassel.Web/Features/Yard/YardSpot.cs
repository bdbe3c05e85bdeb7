using Gassel.Core.Climate;
using Gassel.Core.Fold;
using Gassel.Core.Places;
using Gassel.Core.Record;
using Gassel.Core.Treatments;
using Gassel.Core.Yard;

namespace Gassel.Web.Features.Yard;

/// <summary>A spot of the yard with what stands there.</summary>
public sealed record YardSpot(Place Place, IReadOnlyList<ContainerBrief> Containers);
