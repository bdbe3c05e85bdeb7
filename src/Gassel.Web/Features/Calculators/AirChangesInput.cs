namespace Gassel.Web.Features.Calculators;

public sealed record AirChangesInput
{
    public required double On { get; init; }
    public required double Off { get; init; }
    public required double Open { get; init; }
}
