using Gassel.Core.Planning;

namespace Gassel.Web.Features.Plan;

/// <summary>A way on when the usual start is past, with what own results let one expect of it.</summary>
public sealed record OptionView(ShortfallOption Option, Expectation Expected);
