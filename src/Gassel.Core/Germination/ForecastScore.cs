using MathNet.Numerics.Distributions;
using MathNet.Numerics.Statistics;

namespace Gassel.Core.Germination;

/// <summary>How the forecasts of one kind did, over all batches of which the truth is known.</summary>
/// <param name="Held">That lay within what was said.</param>
/// <param name="Share">Of those held, with its interval of 95 % (Wilson).</param>
/// <param name="Bias">Mean of truth less guess, with its interval of 95 % (Student's t); null for fewer than two.</param>
/// <param name="Width">So many times as wide as they were, nine in ten would have held; null for too few to say, and where no width would
/// do.</param>
/// <param name="Applied">So many times as wide forecasts are told from now on: <paramref name="Width"/> where what happened speaks against
/// theirs, else 1.</param>
/// <param name="Words">All of it, as a grower would say it.</param>
public sealed record ForecastScore(
    ForecastKind Kind,
    int Forecasts,
    int Held,
    FractionInterval Share,
    (double Mean, double Low, double High)? Bias,
    double? Width,
    double Applied,
    string Words,
    IReadOnlyList<string> Working
)
{
    /// <summary>What is promised of germination and of the inside; taken for the days of a plan too (our assumption).</summary>
    public const double Promised = 0.9;

    /// <summary>Fewer say nothing of whether intervals are right (our rule): of nine that held, all nine may have been luck.</summary>
    public const int Least = 10;

    /// <summary>Of fewer containers nothing is told narrower (our rule).</summary>
    public const int LeastContainers = 3;

    /// <summary>No forecast is told narrower or wider than so many times (our rule).</summary>
    private const double Narrowest = 0.5;
    private const double Widest = 3;

    private const double Confidence = 0.95;

    /// <param name="forecasts">Of one kind, at least one.</param>
    public static ForecastScore Of(IReadOnlyList<JudgedForecast> forecasts)
    {
        var (kind, count, held) = (forecasts[0].Kind, forecasts.Count, forecasts.Count(f => f.Held));
        var share = Proportion.Wilson(held, count, Confidence);
        var bias = BiasOf([.. forecasts.Select(f => f.Truth - f.Guess)]);
        var reach = forecasts.Select(f => f.Reach).ToArray();
        var width = count < Least ? double.PositiveInfinity : reach.QuantileCustom(Promised, QuantileDefinition.R7);
        var asMade = Proportion.Wilson(reach.Count(r => r <= 1), count, Confidence);
        string Amount(double amount) => ForecastScoreWords.Amount(kind, amount);
        var applied =
            kind is ForecastKind.Germination or ForecastKind.Inside && double.IsFinite(width) && Speaks(asMade, forecasts)
                ? Math.Clamp(width, Narrowest, Widest)
                : 1;
        return new(
            kind,
            count,
            held,
            share,
            bias,
            double.IsFinite(width) ? width : null,
            applied,
            ForecastScoreWords.Of(kind, count, held, share, bias),
            [
                Text.Of(
                    $"{held} of {count} held: {(double)held / count:P0}, {share.Low:P0} to {share.High:P0} (Wilson, {Confidence:P0}); "
                        + $"{ForecastScoreWords.Promise(kind)} {Promised:P0}."
                ),
                bias is { } b
                    ? Text.Of(
                        $"Truth less forecast: mean {Amount(b.Mean)}, {Amount(b.Low)} to {Amount(b.High)} (Student's t, "
                            + $"{Confidence:P0})."
                    )
                    : "One forecast has no mean error.",
                count < Least ? Text.Of($"From {Least} forecasts on it is said how wide they should have been.")
                : double.IsFinite(width)
                    ? Text.Of(
                        $"With {width:0.00} times the width they come with nine in ten would have held. "
                            + $"{ForecastScoreWords.Applying(kind, applied)}"
                    )
                : "Some had no width: no number of times would have made nine in ten hold.",
            ]
        );
    }

    /// <summary>Days of one container are alike: they may widen what is told of others, but not narrow it.</summary>
    private static bool Speaks(FractionInterval share, IReadOnlyList<JudgedForecast> forecasts) =>
        share.High < Promised
        || (
            share.Low > Promised
            && (forecasts[0].Kind != ForecastKind.Inside || forecasts.DistinctBy(f => f.Batch).Count() >= LeastContainers)
        );

    private static (double Mean, double Low, double High)? BiasOf(double[] errors)
    {
        if (errors.Length < 2)
            return null;
        var (mean, deviation) = errors.MeanStandardDeviation();
        var half = StudentT.InvCDF(0, 1, errors.Length - 1, 0.5 + Confidence / 2) * deviation / Math.Sqrt(errors.Length);
        return (mean, mean - half, mean + half);
    }
}
