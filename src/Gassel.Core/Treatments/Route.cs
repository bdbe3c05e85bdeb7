namespace Gassel.Core.Treatments;

/// <summary>How a water-tight coat or a tight hull is broken.</summary>
public enum ScarifyMethod
{
    Abrade,
    Nick,
    HotWater,

    /// <summary>Done by a professional; recorded only, Gassel gives no recipe.</summary>
    ProfessionalAcid,
}

/// <summary>Where a route is gone.</summary>
public enum RouteSetting
{
    /// <summary>Fridge, warm shelf and lamps, or straight into a tray.</summary>
    Indoors,

    /// <summary>Sown into a lidded container and set out in winter.</summary>
    WinterContainer,

    /// <summary>Sown into a bed in autumn.</summary>
    AutumnBed,
}

/// <summary>One step of a route.</summary>
/// <param name="Kind">What is done.</param>
/// <param name="Days">How long it may take.</param>
/// <param name="Band">Temperatures it wants; null where temperature does not matter.</param>
/// <param name="Optional">True where the step may be left out, at a cost the note names.</param>
/// <param name="Note">How it is done, in a grower's words.</param>
/// <param name="Method">For scarifying; null elsewhere.</param>
public sealed record RouteStep(
    StepKind Kind, DurationRange Days, TemperatureBand? Band = null, bool Optional = false, string? Note = null, ScarifyMethod? Method = null)
{
    /// <summary>Scarifying in hot water. Plans older than the method tell it by their temperature.</summary>
    public bool IsHotWater => Kind == StepKind.Scarify && (Method == ScarifyMethod.HotWater || (Method is null && Band is { HighC: >= 60 }));
}

/// <summary>An ordered list of steps that takes a species from dry seed to plant. Versions are kept: a batch stays with the one it was planned with.</summary>
/// <param name="Id">Stable over versions, for instance <c>balsamroot-fridge</c>.</param>
/// <param name="Setting">Where it is gone.</param>
/// <param name="Origin">Where its durations come from; null for the origin of the species.</param>
public sealed record Route(
    string Id, int Version, string Name, IReadOnlyList<RouteStep> Steps, RouteSetting Setting = RouteSetting.Indoors, string? Origin = null)
{
    /// <summary>The seed is in its mix from the first cold on, and stays there.</summary>
    public bool IsOutdoors => Setting != RouteSetting.Indoors;

    /// <summary>The steps before the seed comes up.</summary>
    public IEnumerable<RouteStep> Treatment => Steps.TakeWhile(s => s.Kind != StepKind.Germinate);
}
