namespace Gassel.Core.Treatments;

/// <summary>How long a route keeps seed before it can be sown.</summary>
public static class TreatmentTime
{
    /// <summary>Days from the first step to sowing; optional steps count in the usual and longest, not in the shortest.</summary>
    public static DurationRange BeforeSowing(Route route)
    {
        var before = route.Treatment.ToList();
        return new(before.Sum(s => s.Optional ? 0 : s.Days.Shortest), before.Sum(s => s.Days.Usual), before.Sum(s => s.Days.Longest));
    }

    /// <summary>Days from sowing to a plantable plant.</summary>
    public static DurationRange ToPlantable(Route route)
    {
        var after = route.Steps.Skip(route.Treatment.Count()).ToList();
        return new(after.Sum(s => s.Days.Shortest), after.Sum(s => s.Days.Usual), after.Sum(s => s.Days.Longest));
    }
}
