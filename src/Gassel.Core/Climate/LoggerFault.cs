namespace Gassel.Core.Climate;

/// <summary>What is wrong with a row of a logger's file.</summary>
public enum LoggerFault
{
    None,

    /// <summary>No moment that exists.</summary>
    Time,

    /// <summary>In the hour that clocks skip in spring.</summary>
    SkippedHour,

    /// <summary>Later than now.</summary>
    Future,
    Temperature,
}
