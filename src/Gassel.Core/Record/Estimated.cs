namespace Gassel.Core.Record;

/// <summary>The number of seeds in the part was an estimate and is now taken as another.</summary>
/// <param name="Percent">Give or take so much.</param>
public sealed record Estimated(string Part, int Seeds, double Percent) : EntryPayload;
