using Gassel.Core.Planning;
using Gassel.Core.Record;
using Gassel.Core.Treatments;
using Gassel.Web.Problems;

namespace Gassel.Web.Features.Calculators;

public sealed record ScheduleRequest(AnchorInput Anchor, DateOnly Today, IReadOnlyList<StepInput> Steps);
