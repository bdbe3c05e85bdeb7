namespace Gassel.Core.Record;

/// <summary>The grower took a way on when the plan could not be kept. The plan that was confirmed stays as it is.</summary>
/// <param name="Target">The day aimed at from now on.</param>
public sealed record Replanned(IReadOnlyList<ReplannedStep> Steps, DateOnly Target) : EntryPayload;
