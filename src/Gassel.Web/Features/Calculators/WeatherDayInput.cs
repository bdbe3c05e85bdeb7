namespace Gassel.Web.Features.Calculators;

public readonly record struct WeatherDayInput
{
    public required DateOnly Date { get; init; }

    /// <summary>Null where it is missing, so with the maximum.</summary>
    public double? MinC { get; init; }
    public double? MaxC { get; init; }
    public double? SnowCm { get; init; }
}
