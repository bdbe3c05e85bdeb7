namespace Gassel.Core.Treatments;

/// <summary>A step that a route of this species may not hold.</summary>
/// <param name="Step">Index in the route.</param>
/// <param name="Why">In a grower's words.</param>
public sealed record RouteObjection(int Step, string Why);

/// <summary>Hazard, flags and coat decide which steps a route may hold. Common practice, no source.</summary>
public static class RouteRules
{
    /// <summary>Empty where the route is sound.</summary>
    public static IReadOnlyList<RouteObjection> Check(Species species, Route route)
    {
        var objections = new List<RouteObjection>();
        if (route.Steps.Count == 0) return [new(0, "A route needs at least one step.")];
        for (var i = 0; i < route.Steps.Count; i++)
        {
            var step = route.Steps[i];
            if (!step.Days.IsOrdered) objections.Add(new(i, $"{step.Kind.Words()}: days must be 0 ≤ shortest ≤ usual ≤ longest ≤ {DurationRange.MaxDays}."));
            if (step.Band is { } band && band.LowC > band.HighC) objections.Add(new(i, $"{step.Kind.Words()}: the lower temperature is above the upper."));
            if (Forbidden(species, step) is { } why) objections.Add(new(i, why));
        }
        if (route.Steps.Count(s => s.Kind == StepKind.Germinate) != 1) objections.Add(new(route.Steps.Count - 1, "A route has exactly one germinate step."));
        var scarify = Index(route, StepKind.Scarify);
        if (species.DormancyClass is DormancyClass.Physical or DormancyClass.Combinational && scarify > 0 && Index(route, StepKind.Soak) is >= 0 and var soak && soak < scarify)
        {
            objections.Add(new(soak, "A water-tight coat is broken before the soak, never after it."));
        }
        return objections;
    }

    private static string? Forbidden(Species species, RouteStep step)
    {
        var wet = step.Kind is StepKind.Soak or StepKind.Leach || step.IsHotWater;
        if (!wet) return null;
        if (species.Hazard == HazardLevel.Toxic) return $"{step.Kind.Words()}: toxic seed gets no soak, leaching or hot water; it would make toxic water. Moisten it in its own medium.";
        if (step.Kind is not StepKind.Soak) return null;
        if (species.Has(SpeciesFlag.SlimyWhenWet)) return "soak: this seed turns slimy; it goes straight onto moist medium.";
        if (species.Has(SpeciesFlag.DustFine)) return "soak: dust-fine seed is lost in water; it goes straight onto moist medium.";
        return species.Has(SpeciesFlag.NeedsLight) ? "soak: seed that needs light goes straight onto moist medium." : null;
    }

    private static int Index(Route route, StepKind kind)
    {
        for (var i = 0; i < route.Steps.Count; i++)
        {
            if (route.Steps[i].Kind == kind) return i;
        }
        return -1;
    }
}
