namespace Gassel.Web.Features.Calculators;

public readonly record struct WindowDays
{
    public required double Shortest { get; init; }
    public required double Longest { get; init; }
}
