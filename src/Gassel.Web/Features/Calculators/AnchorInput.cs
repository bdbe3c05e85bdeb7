using Gassel.Core.Record;

namespace Gassel.Web.Features.Calculators;

public readonly record struct AnchorInput
{
    public required AnchorEvent Event { get; init; }
    public required DateOnly Date { get; init; }
}
