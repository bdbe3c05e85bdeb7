using Gassel.Core.Germination;

namespace Gassel.Core.Tests.Germination;

/// <summary>Counted by hand; intervals beside GNU R 4.2.2, the calls named.</summary>
public class ForecastScoreTests
{
    /// <summary>Said 0.5, between 0.3 and 0.7.</summary>
    private static JudgedForecast Share(double truth) => new(ForecastKind.Germination, 1, new(2027, 5, 1), 0.3, 0.7, 0.5, truth);

    private static ForecastScore Of(params double[] truths) => ForecastScore.Of([.. truths.Select(Share)]);

    private static double[] Times(int count, double truth) => [.. Enumerable.Repeat(truth, count)];

    [Fact]
    public void A_forecast_holds_at_its_ends_too()
    {
        Assert.True(Share(0.3).Held && Share(0.7).Held && Share(0.5).Held);
        Assert.False(Share(0.29).Held || Share(0.71).Held);
        Assert.Equal(1, Share(0.7).Reach, 12);
        Assert.Equal(1.5, Share(0.2).Reach, 12);
        Assert.Equal(0, Share(0.5).Reach);
    }

    [Fact]
    public void Nine_in_ten_that_held_speak_for_it()
    {
        var score = Of([.. Times(28, 0.45), .. Times(27, 0.55), .. Times(3, 0.2), .. Times(3, 0.8)]);
        Assert.Equal("55 of 61 forecasts of germination held, where 55 should: nothing speaks against them.", score.Words);
        // prop.test(55, 61, correct = FALSE)$conf.int
        Assert.Equal(0.8015539, score.Share.Low, 1e-6);
        Assert.Equal(0.9541354, score.Share.High, 1e-6);
    }

    [Fact]
    public void Too_narrow_and_too_wide_are_said()
    {
        var narrow = Of([.. Times(10, 0.1), .. Times(10, 0.9), .. Times(20, 0.5)]);
        Assert.Contains("20 of 40 forecasts of germination held, where 36 should: ours are too narrow.", narrow.Words);
        // half-widths of 0.2 and errors of 0.4 in half of them: twice as wide
        Assert.Equal(2, narrow.Width!.Value, 9);
        Assert.Equal(2, narrow.Applied, 9);
        var wide = Of(Times(60, 0.5));
        Assert.Contains("wider than they need be", wide.Words);
        Assert.Equal(0, wide.Width);
        Assert.Equal(0.5, wide.Applied);
    }

    [Fact]
    public void What_speaks_against_nothing_changes_nothing() =>
        Assert.Equal(1, Of([.. Times(28, 0.45), .. Times(27, 0.55), .. Times(3, 0.2), .. Times(3, 0.8)]).Applied);

    /// <summary>Else it would be narrowed again as soon as the wider ones held, and so to and fro.</summary>
    [Fact]
    public void Forecasts_told_wider_are_judged_in_the_width_they_came_with()
    {
        List<JudgedForecast> told =
        [
            .. Times(10, 0.1)
                .Concat(Times(10, 0.9))
                .Concat(Times(20, 0.5))
                .Select(t => Share(t) with { Low = 0.1, High = 0.9, Widened = 2 }),
        ];
        Assert.All(told, f => Assert.True(f.Held));
        var score = ForecastScore.Of(told);
        Assert.Equal(2, score.Width!.Value, 9);
        Assert.Equal(2, score.Applied, 9);
        var forecast = new GerminationForecast(0.5, 0.3, 0.7, "the rule").Widen(score.Applied);
        Assert.Equal((0.1, 0.9), (Math.Round(forecast.Low, 9), Math.Round(forecast.High, 9)));
        Assert.Equal(2, forecast.Widened);
        Assert.Equal(forecast with { Low = 0, High = 1, Widened = 6, Basis = "" }, forecast.Widen(3) with { Basis = "" });
    }

    [Fact]
    public void Starts_and_treatments_are_said_in_their_own_words()
    {
        ForecastScore Late(ForecastKind kind) =>
            ForecastScore.Of([.. Enumerable.Range(0, 12).Select(i => new JudgedForecast(kind, i, new(2027, 5, 1), -20, 40, 0, 6 + i % 2))]);
        Assert.StartsWith("12 of 12 batches were started within the days that reach their targets.", Late(ForecastKind.Start).Words);
        Assert.EndsWith("On the whole batches were started 6.5 days later than planned.", Late(ForecastKind.Start).Words);
        Assert.EndsWith("On the whole treatments took 6.5 days more than planned.", Late(ForecastKind.Treatment).Words);
        Assert.Equal(1, Late(ForecastKind.Start).Applied);
    }

    [Fact]
    public void A_leaning_is_said_in_points_or_days()
    {
        var more = Of([.. Times(10, 0.6), .. Times(10, 0.66)]);
        Assert.EndsWith("On the whole 13 points more came up than was said.", more.Words);
        // t.test(c(rep(0.1, 10), rep(0.16, 10)))$conf.int
        Assert.Equal(0.13, more.Bias!.Value.Mean, 12);
        Assert.Equal(0.1155948, more.Bias.Value.Low, 1e-6);
        Assert.Equal(0.1444052, more.Bias.Value.High, 1e-6);
        var late = ForecastScore.Of([
            .. Enumerable.Range(0, 12).Select(i => new JudgedForecast(ForecastKind.Emergence, i, new(2027, 5, 1), 10, 30, 15, 20 + i % 2)),
        ]);
        Assert.EndsWith("On the whole seedlings were 5.5 days later than was said.", late.Words);
    }

    [Fact]
    public void Few_say_nothing_of_whether_they_are_right()
    {
        var few = Of(Times(6, 0.9));
        Assert.Equal("0 of 6 forecasts of germination held; from 10 on that says whether ours are right.", few.Words);
        Assert.Null(few.Width);
        var one = Of(0.5);
        Assert.StartsWith("1 of 1 forecast of germination held", one.Words);
        Assert.Null(one.Bias);
    }

    [Fact]
    public void A_forecast_without_width_is_never_wide_enough()
    {
        var point = ForecastScore.Of([
            .. Enumerable.Range(0, 12).Select(i => new JudgedForecast(ForecastKind.Emergence, i, new(2027, 5, 1), 15, 15, 15, 16)),
        ]);
        Assert.Null(point.Width);
        Assert.Equal(0, point.Held);
        Assert.StartsWith("Some had no width", point.Working[^1]);
        Assert.Contains("a plan promises nothing", point.Working[0]);
        Assert.Equal(1, point.Applied);
    }
}
