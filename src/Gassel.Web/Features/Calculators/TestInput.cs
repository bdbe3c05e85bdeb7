namespace Gassel.Web.Features.Calculators;

public readonly record struct TestInput
{
    public required int Germinated { get; init; }
    public required int Tested { get; init; }
}
