namespace Gassel.Core.Growing;

/// <summary>A part that stands under the lamps of a place.</summary>
public readonly record struct LampPart(Guid Batch, string Part);
