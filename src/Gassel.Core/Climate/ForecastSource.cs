namespace Gassel.Core.Climate;

/// <summary>How a forecast came into the book.</summary>
public enum ForecastSource
{
    [Words("typed in")]
    Typed,

    [Words("from a service")]
    Service,

    [Words("from a file")]
    File,
}
