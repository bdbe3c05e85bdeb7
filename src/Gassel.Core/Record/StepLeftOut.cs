namespace Gassel.Core.Record;

/// <summary>An optional step that is left out for good, for all parts that have not come to it.</summary>
/// <param name="Step">Index in the route of the batch.</param>
public sealed record StepLeftOut(int Step) : EntryPayload;
