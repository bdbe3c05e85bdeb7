using Gassel.Core.Treatments;

namespace Gassel.Core.Batches;

/// <summary>
/// Seed that sprouts in the bag: pick out the sprouted and return the rest, or sow all. The default picks out while fewer than a tenth
/// have sprouted and the shortest time is not reached, and sows all otherwise (common practice, no source).
/// </summary>
public static class SproutSchool
{
    private const double SowAllShare = 0.1;

    /// <summary>Smallest number of newly sprouted seeds from which the default is to sow all; at least 1.</summary>
    public static int SowAllFrom(PlannedStep step, StepSpan open, PartState part, DateOnly today)
    {
        var reached = today >= open.Start.AddDays(step.Step.Days.Shortest);
        if (reached) return 1;
        return Math.Max(1, (int)Math.Ceiling(part.Seeds * SowAllShare - 1e-9) - part.Sprouted);
    }
}
