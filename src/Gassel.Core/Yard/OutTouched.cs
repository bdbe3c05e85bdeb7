namespace Gassel.Core.Yard;

/// <summary>A part under a warning of its place.</summary>
public sealed record OutTouched(Guid Batch, int Number, string Part);
