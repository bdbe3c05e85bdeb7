namespace Gassel.Web.Features.Calculators;

public readonly record struct DayRangeInput
{
    public required DateOnly Date { get; init; }
    public required double MinC { get; init; }
    public required double MaxC { get; init; }
}
