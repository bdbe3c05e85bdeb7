namespace Gassel.Core.Germination;

/// <summary>So many batches with so much cold.</summary>
public sealed record ColdLevel(int ColdDays, int Batches);
