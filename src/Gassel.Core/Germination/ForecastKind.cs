namespace Gassel.Core.Germination;

/// <summary>What is foretold of a batch when it is planned.</summary>
public enum ForecastKind
{
    [Words("germination")]
    Germination,

    /// <summary>Days from sowing until half of what came up was up.</summary>
    [Words("days to emergence")]
    Emergence,
}
