namespace Gassel.Core.Treatments;

/// <summary>One step of a route.</summary>
/// <param name="Kind">What is done.</param>
/// <param name="Days">How long it may take.</param>
/// <param name="Band">Temperatures it wants; null where temperature does not matter.</param>
/// <param name="Optional">True where the step may be left out, at a cost the note names.</param>
/// <param name="Note">How it is done, in a grower's words.</param>
/// <param name="Method">For scarifying; null elsewhere.</param>
public sealed record RouteStep(
    StepKind Kind,
    DurationRange Days,
    TemperatureBand? Band = null,
    bool Optional = false,
    string? Note = null,
    ScarifyMethod? Method = null
)
{
    /// <summary>Scarifying in hot water. Plans older than the method tell it by their temperature.</summary>
    public bool IsHotWater =>
        Kind == StepKind.Scarify && (Method == ScarifyMethod.HotWater || (Method is null && Band is { HighC: >= 60 }));
}
