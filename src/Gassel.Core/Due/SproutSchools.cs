using Gassel.Core.Fold;
using Gassel.Core.Record;

namespace Gassel.Core.Due;

public static class SproutSchools
{
    private const double SowAllShare = 0.1;

    /// <summary>
    /// Smallest number of newly sprouted seeds from which the school sows all; at least 1, and more than are left where it never does.
    /// </summary>
    public static int SowAllFrom(this SproutSchool school, PlannedStep step, StepSpan open, PartState part, DateOnly today)
    {
        if (school == SproutSchool.AlwaysPickOut)
            return part.Seeds - part.Sprouted + 1;
        var reached = today >= open.Start.AddDays(step.Step.Days.Shortest);
        if (reached || school == SproutSchool.SowAllAtTheFirst)
            return 1;
        return Math.Max(1, (int)Math.Ceiling(part.Seeds * SowAllShare - 1e-9) - part.Sprouted);
    }
}
