using Gassel.Core.Germination;
using Gassel.Core.Planning;
using Gassel.Core.Record;
using Gassel.Web.Problems;

namespace Gassel.Web.Features.Calculators;

public readonly record struct TestInput
{
    public required int Germinated { get; init; }
    public required int Tested { get; init; }
}
