namespace Gassel.Core.Germination;

/// <summary>What a batch was expected to do when it was planned: the share of its seed that comes up.</summary>
/// <param name="Mean">0..1.</param>
/// <param name="Low">Nine batches in ten were expected between here and <paramref name="High"/>.</param>
/// <param name="Basis">What it rested on, in a grower's words.</param>
/// <param name="Widened">So many times as wide as it would have been, by how earlier ones did; null for as it is.</param>
public sealed record GerminationForecast(double Mean, double Low, double High, string Basis, double? Widened = null)
{
    /// <summary>Its ends so many times as far from the middle, within 0..1.</summary>
    public GerminationForecast Widen(double times) =>
        times.Equals(1)
            ? this
            : this with
            {
                Low = Math.Max(0, Mean - (Mean - Low) * times),
                High = Math.Min(1, Mean + (High - Mean) * times),
                Widened = (Widened ?? 1) * times,
                Basis = Text.Of($"{Basis}; told {times:0.0} times as wide as that, by how earlier forecasts did"),
            };
}
