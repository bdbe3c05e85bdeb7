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
    /// <summary>What a forecast of germination promises: nine in ten; taken for the days of a plan too (our assumption).</summary>
    public const double Promised = 0.9;

    /// <summary>Fewer say nothing of whether intervals are right (our rule): of nine that held, all nine may have been luck.</summary>
    public const int Least = 10;

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
        var applied =
            kind == ForecastKind.Germination && double.IsFinite(width) && (asMade.High < Promised || asMade.Low > Promised)
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
            Say(kind, count, held, share, bias),
            [
                Text.Of(
                    $"{held} of {count} held: {(double)held / count:P0}, {share.Low:P0} to {share.High:P0} (Wilson, {Confidence:P0}); "
                        + $"{(kind == ForecastKind.Germination ? "promised" : "a plan promises nothing; taken for")} {Promised:P0}."
                ),
                bias is { } b
                    ? Text.Of(
                        $"Truth less forecast: mean {Amount(kind, b.Mean)}, {Amount(kind, b.Low)} to {Amount(kind, b.High)} (Student's t, "
                            + $"{Confidence:P0})."
                    )
                    : "One forecast has no mean error.",
                count < Least ? Text.Of($"From {Least} forecasts on it is said how wide they should have been.")
                : double.IsFinite(width)
                    ? Text.Of($"With {width:0.00} times the width they come with nine in ten would have held. {Applying(kind, applied)}")
                : "Some had no width: no number of times would have made nine in ten hold.",
            ]
        );
    }

    private static string Applying(ForecastKind kind, double applied) =>
        kind != ForecastKind.Germination ? "The days of a plan are not changed by it."
        : applied.Equals(1) ? "That is no reason to change it."
        : Text.Of($"From now on they are told {applied:0.00} times as wide.");

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
            kind == ForecastKind.Start
                ? Text.Of(
                    $"{held} of {count} {(count == 1 ? "batch was" : "batches were")} started within the days that "
                        + $"reach {(count == 1 ? "its target" : "their targets")}."
                )
            : kind == ForecastKind.Treatment
                ? Text.Of($"In {held} of {count} {(count == 1 ? "batch" : "batches")} the treatments took the days of the route.")
            : count < Least ? Text.Of($"{of}; from {Least} on that says whether ours are right.")
            : share.High < Promised ? Text.Of($"{of}, where {Promised * count:0} should: ours are too narrow.")
            : share.Low > Promised ? Text.Of($"{of}, where {Promised * count:0} should: ours are wider than they need be.")
            : Text.Of($"{of}, where {Promised * count:0} should: nothing speaks against them.");
        if (count < Least || bias is not { } b || (b.Low <= 0 && b.High >= 0))
            return right;
        var off = Amount(kind, Math.Abs(b.Mean));
        var leaning = kind switch
        {
            ForecastKind.Germination => $"{off} {(b.Mean > 0 ? "more" : "fewer")} came up than was said",
            ForecastKind.Emergence => $"seedlings were {off} {(b.Mean > 0 ? "later" : "earlier")} than was said",
            ForecastKind.Start => $"batches were started {off} {(b.Mean > 0 ? "later" : "earlier")} than planned",
            _ => $"treatments took {off} {(b.Mean > 0 ? "more" : "fewer")} than planned",
        };
        return $"{right} On the whole {leaning}.";
    }

    private static string Amount(ForecastKind kind, double amount) =>
        kind == ForecastKind.Germination ? Text.Of($"{amount * 100:0} points") : Text.Of($"{amount:0.#} days");
}
