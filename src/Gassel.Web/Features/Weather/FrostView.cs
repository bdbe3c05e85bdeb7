using Gassel.Core.Climate;
using Gassel.Data;

namespace Gassel.Web.Features.Weather;

/// <summary>What a record says of frost at the site.</summary>
/// <param name="Enough">Ten springs and autumns or more; with fewer there is a range and no risk.</param>
public sealed record FrostView(
    WeatherRecord Record,
    bool Enough,
    IReadOnlyList<ThresholdView> Thresholds,
    GroundFreezeResult GroundFreeze,
    string GroundFreezeWords
);
