namespace Gassel.Core.Treatments;

/// <summary>Hazard, flags and coat decide which steps a route may hold. Common practice, no source.</summary>
public static class RouteRules
{
    public const int MaxSteps = 50;

    /// <summary>Empty where the route is sound.</summary>
    public static IReadOnlyList<RouteObjection> Check(Species species, Route route)
    {
        if (route.Steps.Count == 0)
            return [new(0, "A route needs at least one step.")];
        var objections = new List<RouteObjection>();
        for (var i = 0; i < route.Steps.Count; i++)
            objections.AddRange(OfStep(species, route, i).Select(why => new RouteObjection(i, why)));
        var sowings = route.Steps.Count(s => s.Kind == StepKind.Germinate);
        if (sowings != 1)
            objections.Add(
                new(route.Steps.Count - 1, $"A route has exactly one germinate step; this one has {(sowings == 0 ? "none" : sowings)}.")
            );
        return objections;
    }

    /// <summary>Why the seed of this species may not be given the step; null where it may.</summary>
    public static string? Forbidden(Species species, RouteStep step)
    {
        var name = step.Kind.Words();
        if (species.Hazard >= HazardLevel.Toxic && (step.Kind is StepKind.Soak or StepKind.Leach || step.IsHotWater))
        {
            return $"{name}: toxic seed gets no soak, leaching or hot water; it would make toxic water. Moisten it in its own medium.";
        }
        if (species.Hazard == HazardLevel.VeryToxic && (step.Kind is StepKind.SmokeWater or StepKind.GibberellicAcid))
        {
            return $"{name}: very toxic seed gets no wet and no chemical step at all.";
        }
        if (step.IsHotWater && species.DormancyClass is not (DormancyClass.Physical or DormancyClass.Combinational))
        {
            return $"{name}: hot water is for water-tight coats; it kills seed without one.";
        }
        if (step.Kind == StepKind.Soak)
        {
            if (species.Has(SpeciesFlag.SlimyWhenWet))
                return "soak: this seed turns slimy; it goes straight onto moist medium.";
            if (species.Has(SpeciesFlag.DustFine))
                return "soak: dust-fine seed is lost in water; it goes straight onto moist medium.";
            if (species.Has(SpeciesFlag.NeedsLight))
                return "soak: seed that needs light goes straight onto moist medium.";
        }
        return species.Has(SpeciesFlag.DoNotDry) && step.Kind is StepKind.AfterRipen or StepKind.ColdDry or StepKind.DryStore
            ? $"{name}: this seed must not dry."
            : null;
    }

    /// <summary>Done in a sitting: it has no days of its own.</summary>
    private static bool IsWorkOfHours(RouteStep step) =>
        step.Optional || step.Kind is StepKind.Scarify or StepKind.Soak or StepKind.SmokeWater or StepKind.GibberellicAcid;

    private static IEnumerable<string> OfStep(Species species, Route route, int i)
    {
        var step = route.Steps[i];
        var name = step.Kind.Words();
        if (step.Days is { Shortest: 0, Usual: 0, Longest: 0 } && !IsWorkOfHours(step))
        {
            yield return $"{name}: 0, 0 and 0 days are no step; give its days, or leave it out of the route.";
        }
        if (!step.Days.IsOrdered)
        {
            yield return $"{name}: days were {step.Days.Shortest}, {step.Days.Usual}, {step.Days.Longest}; valid is 0 ≤ shortest ≤ "
                + $"usual ≤ longest ≤ {DurationRange.MaxDays}.";
        }
        if (step.Band is { } band && band.LowC > band.HighC)
            yield return $"{name}: the lower temperature is above the upper.";
        if (step.Kind == StepKind.Scarify && step.Method is null && step.Band is null && step.Note is null)
            yield return "scarify: say how, by abrading, nicking, hot water, or done by a professional.";
        if (Forbidden(species, step) is { } why)
            yield return why;
        var before = route.Steps.Take(i).ToList();
        if (step.Kind.IsSeedTreatment() && before.Any(s => s.Kind >= StepKind.Germinate))
        {
            yield return $"{name}: a treatment of seed cannot come back after sowing; a route does not run in a circle.";
        }
        if (step.Kind > StepKind.Germinate && before.All(s => s.Kind != StepKind.Germinate))
            yield return $"{name}: comes after germinating, not before it.";
        if (i > 0 && route.Steps[i - 1].Kind == step.Kind)
            yield return $"{name}: appears twice in a row; make it one step with the days of both.";
        var coat = species.DormancyClass is DormancyClass.Physical or DormancyClass.Combinational;
        if (
            coat
            && step.Kind == StepKind.Soak
            && route.Steps.Skip(i).Any(s => s.Kind == StepKind.Scarify)
            && before.All(s => s.Kind != StepKind.Scarify)
        )
        {
            yield return "soak: a water-tight coat is broken before the soak, never after it.";
        }
    }
}
