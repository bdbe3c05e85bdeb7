namespace Gassel.Web.Features.Calculators;

/// <param name="SpacingCm">Between plants.</param>
public sealed record SpacingRequest(int Plants, double SpacingCm);
