namespace Gassel.Core.Record;

/// <summary>How tall the plants of a part stood.</summary>
/// <param name="HeightMm">From the mix to the tip, as most of them are, mm.</param>
public sealed record Measured(string Part, double HeightMm) : EntryPayload;
