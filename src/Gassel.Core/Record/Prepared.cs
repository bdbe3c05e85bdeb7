namespace Gassel.Core.Record;

/// <summary>A winter container as it was made ready at the table, or described later.</summary>
/// <param name="Done">Steps checked off; the last word counts.</param>
public sealed record Prepared(string Part, ContainerSetup Setup, IReadOnlyList<PreparationStep> Done) : EntryPayload;
