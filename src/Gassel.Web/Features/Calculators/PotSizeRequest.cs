namespace Gassel.Web.Features.Calculators;

/// <param name="WidthCm">Of the pot or cell that the plants stand in.</param>
/// <param name="Plants">1 if left out.</param>
public sealed record PotSizeRequest(double WidthCm, int? Plants = null);
