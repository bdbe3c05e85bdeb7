namespace Gassel.Web.Features.Calculators;

public readonly record struct DailyMinimumInput
{
    public required DateOnly Date { get; init; }

    /// <summary>Null where it is missing.</summary>
    public double? MinC { get; init; }
}
