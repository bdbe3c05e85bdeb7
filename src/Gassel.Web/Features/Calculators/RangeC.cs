namespace Gassel.Web.Features.Calculators;

/// <summary>Temperatures, °C, both ends inclusive.</summary>
public readonly record struct RangeC
{
    public required double Low { get; init; }
    public required double High { get; init; }
}
