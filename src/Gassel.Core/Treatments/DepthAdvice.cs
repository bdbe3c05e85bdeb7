namespace Gassel.Core.Treatments;

/// <summary>How deep a seed goes, and why.</summary>
public sealed record DepthAdvice(DepthRange? Depth, string Why);
