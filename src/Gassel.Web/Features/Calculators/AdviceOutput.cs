using Gassel.Core.Germination;
using Gassel.Core.Record;
using Gassel.Core.Treatments;
using Gassel.Web.Problems;

namespace Gassel.Web.Features.Calculators;

public sealed record AdviceOutput(AdviceKind Kind, bool CutTestFirst, Remaining? Remaining, IReadOnlyList<string> Working);
