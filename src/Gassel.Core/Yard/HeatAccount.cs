namespace Gassel.Core.Yard;

/// <summary>Heat of a run, J: what the sun brought is what was stored and what went out.</summary>
public readonly record struct HeatAccount(double SunJ, double StoredJ, double LostJ);
