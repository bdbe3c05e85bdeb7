namespace Gassel.Core.Record;

/// <summary>Somebody saw that something is wrong with a part, or looked at it again.</summary>
public sealed record SymptomSeen(string Part, Symptom What, SymptomCourse Course = SymptomCourse.Seen) : EntryPayload;
