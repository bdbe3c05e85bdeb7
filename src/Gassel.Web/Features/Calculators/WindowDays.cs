using Gassel.Core.Germination;
using Gassel.Core.Record;
using Gassel.Core.Treatments;
using Gassel.Web.Problems;

namespace Gassel.Web.Features.Calculators;

public readonly record struct WindowDays
{
    public required double Shortest { get; init; }
    public required double Longest { get; init; }
}
