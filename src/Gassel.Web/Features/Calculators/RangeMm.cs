namespace Gassel.Web.Features.Calculators;

/// <summary>Depths, mm, both ends inclusive.</summary>
public readonly record struct RangeMm
{
    public required double Low { get; init; }
    public required double High { get; init; }
}
