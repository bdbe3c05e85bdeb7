namespace Gassel.Web.Features.Calculators;

/// <summary>What fits; null what was not asked.</summary>
public sealed record DensityAnswer(int? Seeds, int? Plants, double? AreaM2);
