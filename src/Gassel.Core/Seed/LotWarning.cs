namespace Gassel.Core.Seed;

/// <summary>Something to know before planning with a lot. A warning never refuses.</summary>
public sealed record LotWarning(LotWarningKind Kind, string Words);
