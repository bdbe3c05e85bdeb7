namespace Gassel.Core.Climate;

/// <summary>In which unit rain and snow are told.</summary>
public enum DepthUnit
{
    [Words("millimeters")]
    Millimeters,

    [Words("centimeters")]
    Centimeters,

    [Words("meters")]
    Meters,

    [Words("inches")]
    Inches,
}
