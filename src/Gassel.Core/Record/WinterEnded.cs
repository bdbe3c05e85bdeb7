namespace Gassel.Core.Record;

/// <summary>Through the winter: uncovered, or out of the frame, or on to be hardened off.</summary>
public sealed record WinterEnded(string Part) : EntryPayload;
