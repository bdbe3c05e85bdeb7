using Gassel.Core.Treatments;

namespace Gassel.Core.Batches;

/// <summary>What is done with seed that sprouts in the bag (schools of the trade; common practice, no source).</summary>
public enum SproutSchool
{
    /// <summary>Pick out the sprouted and return the rest while fewer than a tenth have sprouted and the shortest time is not reached; else sow all.</summary>
    PickOutFirst,

    /// <summary>Pick out the sprouted and return the rest, however many.</summary>
    AlwaysPickOut,

    /// <summary>The first sprout sends the whole bag to be sown.</summary>
    SowAllAtTheFirst,
}

public static class SproutSchools
{
    private const double SowAllShare = 0.1;

    /// <summary>Smallest number of newly sprouted seeds from which the school sows all; at least 1, and more than are left where it never does.</summary>
    public static int SowAllFrom(this SproutSchool school, PlannedStep step, StepSpan open, PartState part, DateOnly today)
    {
        if (school == SproutSchool.AlwaysPickOut) return part.Seeds - part.Sprouted + 1;
        var reached = today >= open.Start.AddDays(step.Step.Days.Shortest);
        if (reached || school == SproutSchool.SowAllAtTheFirst) return 1;
        return Math.Max(1, (int)Math.Ceiling(part.Seeds * SowAllShare - 1e-9) - part.Sprouted);
    }
}
