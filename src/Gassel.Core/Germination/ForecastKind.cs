namespace Gassel.Core.Germination;

/// <summary>What is foretold of a batch.</summary>
public enum ForecastKind
{
    [Words("germination")]
    Germination,

    /// <summary>Days from sowing until half of what came up was up.</summary>
    [Words("days to emergence")]
    Emergence,

    /// <summary>Days from the planned start to the real one; its window is the one that still reaches the target.</summary>
    [Words("the start")]
    Start,

    /// <summary>Days from the start of the treatments to sowing.</summary>
    [Words("days of treatment")]
    Treatment,

    /// <summary>Coldest and hottest of a day inside its container, °C.</summary>
    [Words("temperatures inside")]
    Inside,
}
