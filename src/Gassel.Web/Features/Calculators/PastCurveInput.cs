namespace Gassel.Web.Features.Calculators;

/// <summary>A fitted curve of an earlier batch, as this endpoint returns it in <c>curve</c>.</summary>
public readonly record struct PastCurveInput
{
    public required double MaxFraction { get; init; }
    public required double T50 { get; init; }
    public required double Shape { get; init; }
}
