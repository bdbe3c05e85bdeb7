namespace Gassel.Web.Features.Forecasts;

/// <summary>How a service writes its answer.</summary>
public enum ForecastFormat
{
    [Core.Words("JSON")]
    Json,

    [Core.Words("CSV")]
    Csv,
}
