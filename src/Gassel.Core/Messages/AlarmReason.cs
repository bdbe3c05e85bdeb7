namespace Gassel.Core.Messages;

/// <summary>Why an alarm is sent.</summary>
public enum AlarmReason
{
    [Words("new")]
    New,

    [Words("worse than before")]
    Worse,

    [Words("still so after 12 hours")]
    Still,

    [Words("over")]
    Over,
}
