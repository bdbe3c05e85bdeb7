using Gassel.Core.Planning;
using Gassel.Core.Record;
using Gassel.Core.Treatments;
using Gassel.Web.Problems;

namespace Gassel.Web.Features.Calculators;

public readonly record struct DaysInput
{
    public required int Shortest { get; init; }
    public required int Usual { get; init; }
    public required int Longest { get; init; }
}
