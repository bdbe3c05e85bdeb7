using Gassel.Core.Planning;
using Gassel.Core.Record;
using Gassel.Core.Treatments;
using Gassel.Web.Features.Learning;
using Gassel.Web.Features.Seed;

namespace Gassel.Web.Features.Plan;

/// <summary>A way on when the usual start is past, with what own results let one expect of it.</summary>
public sealed record OptionView(ShortfallOption Option, Expectation Expected);
