namespace Gassel.Core.Yard;

/// <summary>What the weather asks of all that stands out at a place, the most pressing first.</summary>
public enum OutWarningKind
{
    Freeze,

    /// <summary>A frame or greenhouse is opened before it gets too hot.</summary>
    Vent,

    /// <summary>And shut before sunset.</summary>
    Shut,
    Heat,
    Wind,

    /// <summary>From frost to warmth within a day.</summary>
    Swing,

    /// <summary>The cover comes off again.</summary>
    Uncover,
}
