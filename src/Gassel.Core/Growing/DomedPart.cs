namespace Gassel.Core.Growing;

/// <summary>A part under a dome that wants air.</summary>
public sealed record DomedPart(Guid Batch, int Number, string Part);
