using Gassel.Core.Germination;

namespace Gassel.Web.Features.Calculators;

public sealed record AdviceOutput(AdviceKind Kind, bool CutTestFirst, Remaining? Remaining, IReadOnlyList<string> Working);
