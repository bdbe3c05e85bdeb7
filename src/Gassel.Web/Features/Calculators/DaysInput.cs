namespace Gassel.Web.Features.Calculators;

public readonly record struct DaysInput
{
    public required int Shortest { get; init; }
    public required int Usual { get; init; }
    public required int Longest { get; init; }
}
