namespace Gassel.Web.Features.Calculators;

public readonly record struct CutTestInput
{
    public required int Full { get; init; }
    public required int Empty { get; init; }
    public required int Rotten { get; init; }
}
