using Gassel.Core.Climate;
using Gassel.Core.Germination;

namespace Gassel.Core.Tests.Germination;

/// <summary>
/// Invented sowings, reckoned with GNU R 4.2.2: the likelihood with plogis, what sowings lie apart summed over 4,001 points from −6 to 6
/// spreads, its highest point with the prior by optim (Nelder and Mead) and the errors from optimHess.
/// </summary>
public class WarmthFitTests
{
    private static readonly ThermalRate General = ThermalRate.General;

    internal const int RouteDay = 17;

    /// <summary>Ten to 28 days at 16 °C.</summary>
    internal static readonly WarmthPrior Prior = new(General, ThermalTime.OfPacket(10, 28, 16, General));

    private static WarmSowing Sowing(int batch, IEnumerable<double> temps, int[] days, int[] up) =>
        new(
            batch,
            RouteDay,
            [.. temps.Select((t, i) => new WholeDay(new DateOnly(2027, 3, 1).AddDays(i), t, t))],
            [.. days.Zip(up, (d, n) => new SeedlingCount(d, n))]
        );

    private static readonly List<WarmSowing> Four =
    [
        Sowing(1, Enumerable.Repeat(14.0, 40), [10, 14, 18, 22, 28, 36], [2, 9, 21, 14, 6, 1]),
        Sowing(2, Enumerable.Repeat(18.0, 30), [6, 9, 12, 15, 20, 28], [0, 7, 19, 11, 4, 1]),
        Sowing(3, [.. Enumerable.Repeat(10.0, 10), .. Enumerable.Repeat(16.0, 30)], [8, 14, 18, 22, 27, 38], [0, 5, 13, 15, 8, 2]),
        Sowing(4, Enumerable.Repeat(12.0, 50), [14, 20, 26, 32, 40, 48], [3, 8, 17, 12, 5, 2]),
    ];

    [Fact]
    public void The_likelihood_is_that_of_R_with_sowings_alike_and_apart()
    {
        var likelihood = new WarmthLikelihood(Four, General);
        Assert.Equal(-279.339018759, likelihood.Log(3.5, 5.2, 6, 0), 1e-8);
        Assert.Equal(-278.207180163, likelihood.Log(3.5, 5.2, 6, 0.2), 1e-4);
    }

    [Fact]
    public void The_fit_is_that_of_optim()
    {
        var fit = WarmthFit.Fit(Four, Prior)!;
        Assert.Equal(5.2033399, fit.Rate.BaseC, 2e-3);
        Assert.Equal(150.1917373, fit.Half, 0.05);
        Assert.Equal(5.9961268, fit.Shape, 2e-3);
        Assert.Equal(0.0695680, fit.Spread, 5e-4);
        Assert.Equal(1.6047297, fit.BaseError, 2e-2);
        Assert.Equal(0.1925437, fit.LogHalfError, 2e-3);
        Assert.Equal(-0.3017834, fit.Together, 5e-3);
    }

    [Fact]
    public void Days_at_a_temperature_are_thermal_time_over_what_a_day_brings()
    {
        var fit = WarmthFit.Fit(Four, Prior)!;
        var days = fit.At(15)!.Value;
        Assert.Equal(fit.Half / (15 - fit.Rate.BaseC), days.Half, 1e-9);
        Assert.Equal(Math.Pow(81, 1 / fit.Shape), days.NineTenths / days.Tenth, 1e-9);
        Assert.Equal(days.Half, Math.Sqrt(days.Low * days.High), 1e-9);
        // Student's t with four degrees of freedom, by the delta method on the logarithm
        var slope = 1 / (15 - fit.Rate.BaseC);
        var error = Math.Sqrt(
            fit.Spread * fit.Spread
                + fit.LogHalfError * fit.LogHalfError
                + 2 * slope * fit.Together
                + slope * slope * fit.BaseError * fit.BaseError
        );
        Assert.Equal(2.131846786, Math.Log(days.High / days.Half) / error, 1e-6);
        Assert.Null(fit.At(fit.Rate.BaseC));
        Assert.Null(fit.At(30));
        var steady = fit.Over(Sowing(9, Enumerable.Repeat(15.0, 60), [60], [0]))!.Value;
        Assert.Equal(days.Half, steady.Half, 1e-6);
        // beyond the days known it goes on as the last week
        Assert.Equal(days.Half, fit.Over(Sowing(9, Enumerable.Repeat(15.0, 8), [8], [0]))!.Value.Half, 1e-6);
    }

    /// <summary>A day that never comes is told as far off, not as infinite: that could not be answered.</summary>
    [Fact]
    public void A_bench_that_turns_cold_has_days_all_the_same()
    {
        var turned = Sowing(9, [.. Enumerable.Repeat(15.0, 18), .. Enumerable.Repeat(0.0, 30)], [48], [0]);
        var days = WarmthFit.Fit(Four, Prior)!.Over(turned)!.Value;
        Assert.InRange(days.Half, 12, 18);
        Assert.Equal(730, days.NineTenths);
    }

    [Fact]
    public void Sowings_in_which_nothing_came_up_tell_nothing() =>
        Assert.Null(WarmthFit.Fit([Sowing(1, Enumerable.Repeat(14.0, 40), [10, 36], [0, 0])], Prior));

    [Fact]
    public void One_sowing_moves_the_packet_a_little_and_leaves_the_base_nearly_where_it_was()
    {
        var fit = WarmthFit.Fit(Four[..1], Prior)!;
        Assert.InRange(fit.Rate.BaseC, General.BaseC - 1, General.BaseC + 1);
        Assert.InRange(fit.BaseError, 2.5, WarmthPrior.BaseSd + 0.1);
    }

    [Fact]
    public void What_came_up_in_the_cold_says_that_the_base_is_lower()
    {
        var cold = Sowing(5, Enumerable.Repeat(5.0, 90), [20, 40, 50, 60, 70, 88], [0, 6, 15, 12, 6, 1]);
        Assert.True(WarmthFit.Fit([.. Four, cold], Prior)!.Rate.BaseC < 3, "half were up in 50 days at 5 °C");
    }

    [Fact]
    public void Half_lies_between_two_counts_and_a_day_within_them_missed_nothing()
    {
        Assert.Equal((14, 18), Four[0].Half());
        var told = new WarmthToldSowing(1, 14, 18, new(10, 16, 22, 12, 20), 25);
        Assert.Equal(0, told.Miss(18));
        Assert.Equal(0, told.Miss(15));
        Assert.Equal(7, told.Miss(told.RouteDay));
        Assert.Equal(2, told.Miss(12));
    }

    [Fact]
    public void Each_sowing_is_told_from_the_others_and_warmth_wins_where_temperatures_differ()
    {
        var trial = WarmthTrial.Of(Four, Prior, WarmthFit.Fit(Four, Prior));
        Assert.Equal([1, 2, 3, 4], trial.Told.Select(t => t.Batch));
        Assert.True(trial.IsBetter, $"{trial.ByWarmth} days off by warmth, {trial.ByRoute} by the route");
        Assert.Empty(WarmthTrial.Of(Four[..2], Prior, null).Told);
    }

    [Fact]
    public void The_route_stays_where_its_day_is_as_good()
    {
        List<WarmSowing> alike =
        [
            .. Enumerable.Range(1, 4).Select(i => Sowing(i, Enumerable.Repeat(16.0, 40), [12, 16, 20, 24], [2, 9, 12, 3])),
        ];
        var trial = WarmthTrial.Of(alike, Prior, null);
        Assert.Equal(0, trial.ByRoute);
        Assert.False(trial.IsBetter);
    }
}
