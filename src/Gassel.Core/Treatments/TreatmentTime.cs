namespace Gassel.Core.Treatments;

/// <summary>How long a route keeps seed before it can be sown.</summary>
public static class TreatmentTime
{
    /// <summary>Days from the first step to sowing; optional steps count in the usual and longest, not in the shortest.</summary>
    public static DurationRange BeforeSowing(Route route)
    {
        var before = route.Steps.TakeWhile(s => s.Kind != StepKind.Germinate).ToList();
        return new(before.Sum(s => s.Optional ? 0 : s.Days.Shortest), before.Sum(s => s.Days.Usual), before.Sum(s => s.Days.Longest));
    }
}
