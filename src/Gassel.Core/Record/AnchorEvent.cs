namespace Gassel.Core.Record;

/// <summary>The fixed day from which a schedule is counted.</summary>
public enum AnchorEvent
{
    /// <summary>The first step begins on the date; counted forwards.</summary>
    Start,

    /// <summary>The one germinate step begins on the date; backwards before it, forwards after it.</summary>
    Sow,

    /// <summary>The last step ends on the date; counted backwards.</summary>
    PlantOut,
}
