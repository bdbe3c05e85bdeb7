using MathNet.Numerics.Distributions;
using MathNet.Numerics.Statistics;

namespace Gassel.Core.Germination;

/// <summary>How the forecasts of one kind did, over all batches of which the truth is known.</summary>
/// <param name="Held">That lay within what was said.</param>
/// <param name="Share">Of those held, with its interval of 95 % (Wilson).</param>
/// <param name="Bias">Mean of truth less guess, with its interval of 95 % (Student's t); null for fewer than two.</param>
/// <param name="Width">So many times as wide as they were, nine in ten would have held; null for too few to say, and where no width would
/// do.</param>
/// <param name="Words">All of it, as a grower would say it.</param>
public sealed record ForecastScore(
    ForecastKind Kind,
    int Forecasts,
    int Held,
    FractionInterval Share,
    (double Mean, double Low, double High)? Bias,
    double? Width,
    string Words,
    IReadOnlyList<string> Working
)
{
    /// <summary>What a forecast of germination promises: nine in ten; taken for a route's days too (our assumption).</summary>
    public const double Promised = 0.9;

    /// <summary>Fewer say nothing of whether intervals are right (our rule): of nine that held, all nine may have been luck.</summary>
    public const int Least = 10;

    private const double Confidence = 0.95;

    /// <param name="forecasts">Of one kind, at least one.</param>
    public static ForecastScore Of(IReadOnlyList<JudgedForecast> forecasts)
    {
        var (kind, count, held) = (forecasts[0].Kind, forecasts.Count, forecasts.Count(f => f.Held));
        var share = Proportion.Wilson(held, count, Confidence);
        var bias = BiasOf([.. forecasts.Select(f => f.Truth - f.Guess)]);
        var reach = forecasts.Select(f => f.Reach).ToArray();
        var width = count < Least ? double.PositiveInfinity : reach.QuantileCustom(Promised, QuantileDefinition.R7);
        return new(
            kind,
            count,
            held,
            share,
            bias,
            double.IsFinite(width) ? width : null,
            Say(kind, count, held, share, bias),
            [
                Text.Of(
                    $"{held} of {count} held: {(double)held / count:P0}, {share.Low:P0} to {share.High:P0} (Wilson, {Confidence:P0}); "
                        + $"{(kind == ForecastKind.Germination ? "promised" : "a route promises nothing; taken for")} {Promised:P0}."
                ),
                bias is { } b
                    ? Text.Of(
                        $"Truth less forecast: mean {Amount(kind, b.Mean)}, {Amount(kind, b.Low)} to {Amount(kind, b.High)} (Student's t, "
                            + $"{Confidence:P0})."
                    )
                    : "One forecast has no mean error.",
                count < Least ? Text.Of($"From {Least} forecasts on it is said how wide they should have been.")
                : double.IsFinite(width)
                    ? Text.Of($"With {width:0.00} times their width nine in ten would have held. No forecast is changed by it yet.")
                : "Some had no width: no number of times would have made nine in ten hold.",
            ]
        );
    }

    private static (double Mean, double Low, double High)? BiasOf(double[] errors)
    {
        if (errors.Length < 2)
            return null;
        var (mean, deviation) = errors.MeanStandardDeviation();
        var half = StudentT.InvCDF(0, 1, errors.Length - 1, 0.5 + Confidence / 2) * deviation / Math.Sqrt(errors.Length);
        return (mean, mean - half, mean + half);
    }

    private static string Say(ForecastKind kind, int count, int held, FractionInterval share, (double Mean, double Low, double High)? bias)
    {
        var of = Text.Of($"{held} of {count} {(count == 1 ? "forecast" : "forecasts")} of {kind.Words()} held");
        var right =
            count < Least ? Text.Of($"{of}; from {Least} on that says whether ours are right.")
            : share.High < Promised ? Text.Of($"{of}, where {Promised * count:0} should: ours are too narrow.")
            : share.Low > Promised ? Text.Of($"{of}, where {Promised * count:0} should: ours are wider than they need be.")
            : Text.Of($"{of}, where {Promised * count:0} should: nothing speaks against them.");
        if (count < Least || bias is not { } b || (b.Low <= 0 && b.High >= 0))
            return right;
        return kind == ForecastKind.Germination
            ? Text.Of($"{right} On the whole {Amount(kind, Math.Abs(b.Mean))} {(b.Mean > 0 ? "more" : "fewer")} came up than was said.")
            : Text.Of(
                $"{right} On the whole seedlings were {Amount(kind, Math.Abs(b.Mean))} {(b.Mean > 0 ? "later" : "earlier")} than was said."
            );
    }

    private static string Amount(ForecastKind kind, double amount) =>
        kind == ForecastKind.Germination ? Text.Of($"{amount * 100:0} points") : Text.Of($"{amount:0.#} days");
}
