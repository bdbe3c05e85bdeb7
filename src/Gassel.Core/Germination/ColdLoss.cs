namespace Gassel.Core.Germination;

/// <summary>What another cold costs, as a share of the seeds: below 0 it gains.</summary>
/// <param name="From">Days of cold that are compared with.</param>
/// <param name="To">Days of cold instead.</param>
/// <param name="Difference">Mean at <paramref name="From"/> less that at <paramref name="To"/>; null where no batch reaches.</param>
public sealed record ColdLoss(double From, double To, double? Difference, double? Low, double? High);
