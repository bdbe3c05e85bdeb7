namespace Gassel.Core.Germination;

/// <summary>How forecasts of a kind did, as a grower would say it.</summary>
internal static class ForecastScoreWords
{
    private static bool IsPromised(ForecastKind kind) => kind is ForecastKind.Germination or ForecastKind.Inside;

    public static string Of(ForecastKind kind, int count, int held, FractionInterval share, (double Mean, double Low, double High)? bias)
    {
        var right = kind switch
        {
            ForecastKind.Start => Text.Of(
                $"{held} of {count} {(count == 1 ? "batch was" : "batches were")} started within the days that "
                    + $"reach {(count == 1 ? "its target" : "their targets")}."
            ),
            ForecastKind.Treatment => Text.Of(
                $"In {held} of {count} {(count == 1 ? "batch" : "batches")} the treatments took the days of the route."
            ),
            _ => Held(kind, count, held, share),
        };
        if (count < ForecastScore.Least || bias is not { } b || (b.Low <= 0 && b.High >= 0))
            return right;
        var off = Amount(kind, Math.Abs(b.Mean));
        var leaning = kind switch
        {
            ForecastKind.Germination => $"{off} {(b.Mean > 0 ? "more" : "fewer")} came up than was said",
            ForecastKind.Emergence => $"seedlings were {off} {(b.Mean > 0 ? "later" : "earlier")} than was said",
            ForecastKind.Start => $"batches were started {off} {(b.Mean > 0 ? "later" : "earlier")} than planned",
            ForecastKind.Inside => $"it was {off} {(b.Mean > 0 ? "warmer" : "colder")} inside than was said",
            _ => $"treatments took {off} {(b.Mean > 0 ? "more" : "fewer")} than planned",
        };
        return $"{right} On the whole {leaning}.";
    }

    private static string Held(ForecastKind kind, int count, int held, FractionInterval share)
    {
        var of = Text.Of($"{held} of {count} {(count == 1 ? "forecast" : "forecasts")} of {kind.Words()} held");
        var should = Text.Of($"{of}, where {ForecastScore.Promised * count:0} should");
        return count < ForecastScore.Least ? $"{of}; from {ForecastScore.Least} on that says whether ours are right."
            : share.High < ForecastScore.Promised ? $"{should}: ours are too narrow."
            : share.Low > ForecastScore.Promised ? $"{should}: ours are wider than they need be."
            : $"{should}: nothing speaks against them.";
    }

    public static string Promise(ForecastKind kind) => IsPromised(kind) ? "promised" : "a plan promises nothing; taken for";

    /// <param name="applied">So many times as wide forecasts of the kind are told from now on.</param>
    public static string Applying(ForecastKind kind, double applied) =>
        !IsPromised(kind) ? "The days of a plan are not changed by it."
        : kind == ForecastKind.Inside ? "What is told of a kind of container goes by the days of that kind, with the numbers it has now."
        : applied.Equals(1) ? "That is no reason to change it."
        : Text.Of($"From now on they are told {applied:0.00} times as wide.");

    public static string Amount(ForecastKind kind, double amount) =>
        kind switch
        {
            ForecastKind.Germination => Text.Of($"{amount * 100:0} points"),
            ForecastKind.Inside => Quantity.Difference(amount),
            _ => Text.Of($"{amount:0.#} days"),
        };
}
