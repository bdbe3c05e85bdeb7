using Gassel.Core.Record;

namespace Gassel.Core.Fold;

/// <summary>What is seen of plants: how tall they are, and what is wrong with them before any is lost.</summary>
internal sealed partial class Folding
{
    private static Conflict? Measure(Entry entry, Measured measured, WorkingPart part)
    {
        if (!PlantStages.All.Any(s => part.AliveAt(s) > 0))
            return new(entry.Id, ConflictCode.NothingGrows, part.Id);
        // the last word on a day counts
        part.Heights.RemoveAll(h => h.On == entry.DoneOn);
        part.Heights.Add(new(entry.Id, entry.DoneOn, measured.HeightMm));
        return null;
    }

    private static Conflict? SeeSymptom(Entry entry, SymptomSeen seen, WorkingPart part)
    {
        if (part.SownOn is null)
            return new(entry.Id, ConflictCode.NotSown, part.Id);
        var at = part.Symptoms.FindLastIndex(t => t.What == seen.What && t.IsOpen);
        if (at >= 0)
        {
            var course = seen.Course == SymptomCourse.Seen ? SymptomCourse.Same : seen.Course;
            part.Symptoms[at] = part.Symptoms[at] with { LastOn = entry.DoneOn, Course = course };
        }
        else if (seen.Course != SymptomCourse.Gone)
            part.Symptoms.Add(new(seen.What, entry.DoneOn, entry.DoneOn, SymptomCourse.Seen, 0));
        return null;
    }

    /// <summary>A loss is put down to what was seen before it.</summary>
    private static void PutDown(WorkingPart part, LossCause cause, int lost, DateOnly on)
    {
        var at = part.Symptoms.FindLastIndex(t => t.Explains(cause, on));
        if (at >= 0)
            part.Symptoms[at] = part.Symptoms[at] with { Lost = part.Symptoms[at].Lost + lost };
    }
}
