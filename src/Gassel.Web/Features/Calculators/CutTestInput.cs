using Gassel.Core.Germination;
using Gassel.Core.Record;
using Gassel.Core.Treatments;
using Gassel.Web.Problems;

namespace Gassel.Web.Features.Calculators;

public readonly record struct CutTestInput
{
    public required int Full { get; init; }
    public required int Empty { get; init; }
    public required int Rotten { get; init; }
}
