namespace Gassel.Core.Germination;

/// <summary>What a batch was expected to do when it was planned: the share of its seed that comes up.</summary>
/// <param name="Mean">0..1.</param>
/// <param name="Low">Nine batches in ten were expected between here and <paramref name="High"/>.</param>
/// <param name="Basis">What it rested on, in a grower's words.</param>
public sealed record GerminationForecast(double Mean, double Low, double High, string Basis);
