namespace Gassel.Core.Record;

/// <summary>A look at soaked seed with a water-tight coat: swollen and paler has taken water, small and dark has not.</summary>
/// <param name="Swollen">Of the seed in the part.</param>
public sealed record Inspected(string Part, int Swollen) : EntryPayload;
