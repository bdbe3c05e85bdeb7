namespace Gassel.Core.Climate;

/// <summary>What a forecast can say at most; beyond it something was misread (our assumption).</summary>
public static class ForecastBounds
{
    public const double ColdestC = LoggerRows.ColdestC;
    public const double HottestC = LoggerRows.HottestC;
    public const double MostKmh = 400;
    public const double MostRainMm = 1000;
    public const double MostSnowCm = 1000;
}
