using Gassel.Core.Record;

namespace Gassel.Core.Fold;

/// <summary>A symptom of a part from the day it was first seen.</summary>
/// <param name="LastOn">Day of the last look at it.</param>
/// <param name="Course">As it was at that look.</param>
/// <param name="Lost">Plants that were lost to it since.</param>
public sealed record SymptomTale(Symptom What, DateOnly FirstOn, DateOnly LastOn, SymptomCourse Course, int Lost)
{
    /// <summary>A loss is put down to a symptom that was gone up to so many days before (our assumption).</summary>
    public const int LinkDays = 28;

    public bool IsOpen => Course != SymptomCourse.Gone;

    /// <summary>Losses of that cause and day are its losses.</summary>
    public bool Explains(LossCause cause, DateOnly on) =>
        Symptoms.LossOf(What) == cause && on >= FirstOn && (IsOpen || on <= LastOn.AddDays(LinkDays));
}
