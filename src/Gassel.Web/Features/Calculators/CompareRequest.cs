namespace Gassel.Web.Features.Calculators;

/// <param name="Arms">1 to 50.</param>
/// <param name="Confidence">Of all intervals; 0.95 if left out.</param>
public sealed record CompareRequest(IReadOnlyList<ArmInput> Arms, double? Confidence = null);
