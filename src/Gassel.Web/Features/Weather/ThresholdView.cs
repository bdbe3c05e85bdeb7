using Gassel.Core.Climate;

namespace Gassel.Web.Features.Weather;

/// <summary>Frost at one threshold, in words.</summary>
/// <param name="Spring">The usual last frost and what later frosts there were.</param>
/// <param name="Autumn">The usual first frost and what earlier ones there were.</param>
public sealed record ThresholdView(double ThresholdC, string Hurts, string Spring, string Autumn, FrostResult Frost);
