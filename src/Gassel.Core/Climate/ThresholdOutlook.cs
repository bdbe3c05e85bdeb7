namespace Gassel.Core.Climate;

/// <param name="Hurts">Which seedlings a minimum at or below the threshold kills.</param>
public sealed record ThresholdOutlook(double ThresholdC, string Hurts, FrostResult Frost);
