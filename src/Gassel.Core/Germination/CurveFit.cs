namespace Gassel.Core.Germination;

/// <summary>A fitted curve, or the reason why there is none.</summary>
public readonly record struct CurveFit(EmergenceCurve? Curve, CurveAbsence? Absence);
