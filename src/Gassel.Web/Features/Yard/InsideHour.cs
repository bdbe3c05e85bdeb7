using Gassel.Core.Climate;
using Gassel.Core.Fold;
using Gassel.Core.Places;
using Gassel.Core.Record;
using Gassel.Core.Treatments;
using Gassel.Core.Yard;

namespace Gassel.Web.Features.Yard;

/// <summary>An hour outdoors and inside.</summary>
public sealed record InsideHour(DateTimeOffset At, double OutdoorC, double AirC, double MediumC);
