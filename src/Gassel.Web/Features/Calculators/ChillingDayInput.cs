namespace Gassel.Web.Features.Calculators;

public readonly record struct ChillingDayInput
{
    public required DateOnly Date { get; init; }
    public required double MinC { get; init; }
    public required double MaxC { get; init; }

    /// <summary>True if left out.</summary>
    public bool? Moist { get; init; }
}
