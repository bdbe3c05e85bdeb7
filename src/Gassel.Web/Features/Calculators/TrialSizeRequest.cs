namespace Gassel.Web.Features.Calculators;

/// <param name="Control">Rate expected of the control, 0..1.</param>
/// <param name="Treated">Rate worth seeing, 0..1, other than the control's.</param>
/// <param name="Power">Above alpha, below 1; 0.8 if left out.</param>
/// <param name="Alpha">In (0, power); 0.05 if left out.</param>
/// <param name="SeedsAtHand">Per arm, to see what they could at best show.</param>
public sealed record TrialSizeRequest(double Control, double Treated, double? Power = null, double? Alpha = null, int? SeedsAtHand = null);
