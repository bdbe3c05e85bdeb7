namespace Gassel.Core.Treatments;

/// <summary>One step of a route.</summary>
/// <param name="Kind">What is done.</param>
/// <param name="Days">How long it may take.</param>
/// <param name="Band">Temperatures it wants; null where temperature does not matter.</param>
/// <param name="Optional">True where the step may be left out, at a cost the note names.</param>
/// <param name="Note">How it is done, in a grower's words.</param>
public sealed record RouteStep(StepKind Kind, DurationRange Days, TemperatureBand? Band = null, bool Optional = false, string? Note = null)
{
    /// <summary>Scarifying in hot water rather than by abrading or nicking.</summary>
    public bool IsHotWater => this is { Kind: StepKind.Scarify, Band.HighC: >= 60 };
}

/// <summary>An ordered list of steps that takes a species from dry seed to plant. Versions are kept: a batch stays with the one it was planned with.</summary>
/// <param name="Id">Stable over versions, for instance <c>balsamroot-fridge</c>.</param>
public sealed record Route(string Id, int Version, string Name, IReadOnlyList<RouteStep> Steps);
