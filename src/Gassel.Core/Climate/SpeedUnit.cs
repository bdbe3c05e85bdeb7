namespace Gassel.Core.Climate;

/// <summary>In which unit wind is told.</summary>
public enum SpeedUnit
{
    [Words("kilometers an hour")]
    KilometersPerHour,

    [Words("miles an hour")]
    MilesPerHour,

    [Words("meters a second")]
    MetersPerSecond,

    [Words("knots")]
    Knots,
}
