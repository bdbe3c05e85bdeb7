namespace Gassel.Core.Climate;

/// <summary>Whether the coming night is foretold.</summary>
public enum ForecastState
{
    /// <summary>Nobody told the low of tonight.</summary>
    None,

    /// <summary>Told, but more than a day ago.</summary>
    Stale,
    Known,
}
