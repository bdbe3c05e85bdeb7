namespace Gassel.Core.Germination;

/// <summary>How many come up after so much cold.</summary>
/// <param name="Mean">Share of the seeds of a new batch, on the mean of such batches; null where the batches do not reach.</param>
/// <param name="Low">Of the interval of that mean.</param>
/// <param name="High">Of the interval of that mean.</param>
public sealed record ColdPoint(double ColdDays, double? Mean, double? Low, double? High);
