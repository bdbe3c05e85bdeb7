namespace Gassel.Core.Treatments;

/// <summary>
/// An ordered list of steps that takes a species from dry seed to plant. Versions are kept: a batch stays with the one it was planned with.
/// </summary>
/// <param name="Id">Stable over versions, for instance <c>balsamroot-fridge</c>.</param>
/// <param name="Setting">Where it is gone.</param>
/// <param name="Origin">Where its durations come from; null for the origin of the species.</param>
public sealed record Route(
    string Id,
    int Version,
    string Name,
    IReadOnlyList<RouteStep> Steps,
    RouteSetting Setting = RouteSetting.Indoors,
    string? Origin = null
)
{
    /// <summary>The seed is in its mix from the first cold on, and stays there.</summary>
    public bool IsOutdoors => Setting != RouteSetting.Indoors;

    /// <summary>The steps before the seed comes up.</summary>
    public IEnumerable<RouteStep> Treatment => Steps.TakeWhile(s => s.Kind != StepKind.Germinate);
}
