using Gassel.Core.Planning;
using Gassel.Core.Record;
using Gassel.Core.Treatments;
using Gassel.Web.Problems;

namespace Gassel.Web.Features.Calculators;

public readonly record struct AnchorInput
{
    public required AnchorEvent Event { get; init; }
    public required DateOnly Date { get; init; }
}
