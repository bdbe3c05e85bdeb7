namespace Gassel.Core.Record;

/// <param name="Step">Index in the route of the batch.</param>
/// <param name="Seeds">Seeds put in; given with the first step of a batch, null later.</param>
/// <param name="Place">Id of the place where it stands now; null where it stays.</param>
/// <param name="Way">How the coat was broken; null for other steps, and where nobody said.</param>
public sealed record StepStarted(
    string Part,
    int Step,
    int? Seeds = null,
    string? Place = null,
    Vessel? Vessel = null,
    ScarifyWay? Way = null
) : EntryPayload;
