using Gassel.Core.Climate;
using Gassel.Core.Fold;
using Gassel.Core.Places;
using Gassel.Core.Record;
using Gassel.Core.Treatments;
using Gassel.Core.Yard;

namespace Gassel.Web.Features.Yard;

/// <param name="First">A tenth; so with half and nine tenths. Null where it lies beyond what can be said.</param>
public sealed record EmergenceWindow(DateOnly? First, DateOnly? Half, DateOnly? Most);
