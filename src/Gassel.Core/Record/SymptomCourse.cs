namespace Gassel.Core.Record;

/// <summary>How a symptom goes, look after look.</summary>
public enum SymptomCourse
{
    [Words("seen")]
    Seen,

    [Words("worse")]
    Worse,

    [Words("no better")]
    Same,

    [Words("better")]
    Better,

    [Words("gone")]
    Gone,
}
