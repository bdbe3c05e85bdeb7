using Gassel.Core;

namespace Gassel.Web.Features.Lists;

/// <summary>What can be the matter with a batch.</summary>
public enum BatchTrouble
{
    /// <summary>A symptom that is not gone.</summary>
    [Words("something wrong seen on it")]
    Symptom,

    /// <summary>A place hurts its seed now.</summary>
    [Words("place too warm or frozen")]
    Place,

    /// <summary>Entries that do not fit.</summary>
    [Words("entries to settle")]
    Entries,

    /// <summary>Something it asks for is past its usual day.</summary>
    [Words("work overdue")]
    Late,
}
