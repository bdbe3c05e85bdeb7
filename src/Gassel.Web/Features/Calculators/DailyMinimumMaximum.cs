namespace Gassel.Web.Features.Calculators;

/// <summary>One day, °C.</summary>
public readonly record struct DailyMinimumMaximum
{
    public required DateOnly Date { get; init; }
    public required double MinC { get; init; }
    public required double MaxC { get; init; }
}
