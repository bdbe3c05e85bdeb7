namespace Gassel.Core.Planning;

/// <summary>What own results let one expect of a route with so much cold; null fields where nothing is known.</summary>
/// <param name="Plants">Expected from the seed of the plan.</param>
/// <param name="Why">The batches it rests on, or why it is unknown.</param>
public sealed record Expectation(double? Plants, string Why);
