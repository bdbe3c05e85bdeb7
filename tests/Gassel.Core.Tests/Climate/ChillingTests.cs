using System.Globalization;
using CsCheck;
using Gassel.Core.Climate;
using Gassel.Core.Treatments;
using MathNet.Numerics.Integration;

namespace Gassel.Core.Tests.Climate;

/// <summary>Effective chilling from daily ranges and from readings.</summary>
public class ChillingTests
{
    private static readonly DateOnly Day = new(2027, 1, 10);
    private static readonly ColdResponse Default = ColdResponse.Default;

    private static ChillingDay[] Days(params (double Min, double Max)[] ranges) =>
        [.. ranges.Select((r, i) => new ChillingDay(Day.AddDays(i), r.Min, r.Max))];

    private static TemperatureReading[] Readings(params (double Hour, double C)[] told) =>
        [
            .. told.Select(t => new TemperatureReading(
                new DateTimeOffset(2027, 1, 10, 0, 0, 0, TimeSpan.Zero).AddHours(t.Hour).ToUnixTimeMilliseconds(),
                t.C
            )),
        ];

    /// <summary>Exact by arcsine, agreeing with R on midpoints of θ: a million sines at (i − ½)/10⁶.</summary>
    [Theory]
    [InlineData(3, 3, 1, 24)]
    [InlineData(0, 10, 0.546092, 15.48052)]
    [InlineData(-4, 8, 0.449735, 10.60597)]
    [InlineData(-8, 2, 0.252139, 7.08401)]
    [InlineData(5, 15, 0.318310, 7.45923)]
    public void A_day_as_in_R(double min, double max, double effective, double hours)
    {
        var result = Chilling.FromDaily(Days((min, max)), Default);
        Assert.Equal(effective, result.EffectiveDays, 5e-7);
        Assert.Equal(hours, result.ChillHours, 5e-6);
        Assert.Equal((1.0, 0.0), (result.CalendarDays, result.GapHours));
    }

    /// <summary>
    /// Daily weather of Seattle, 1 December 2012 to 28 February 2013, npm package vega-datasets (BSD-3), a test-only dependency; sum from
    /// R.
    /// </summary>
    [Fact]
    public void A_winter_of_Seattle_as_in_R()
    {
        var days = File.ReadLines(OpenData.Find("seattle-weather.csv"))
            .Skip(1)
            .Select(l => l.Split(','))
            .Select(c => new ChillingDay(
                DateOnly.ParseExact(c[0].Replace('/', '-'), "yyyy-MM-dd"),
                double.Parse(c[3], CultureInfo.InvariantCulture),
                double.Parse(c[2], CultureInfo.InvariantCulture)
            ))
            .Where(d => d.Date >= new DateOnly(2012, 12, 1) && d.Date <= new DateOnly(2013, 2, 28))
            .ToList();
        var result = Chilling.FromDaily(days, Default);
        Assert.Equal(90, result.CalendarDays);
        Assert.Equal(58.1077, result.EffectiveDays, 5e-5);
        Assert.Equal(result.EffectiveDays, result.Daily.Sum(d => d.Effective), 9);
    }

    /// <summary>The closed form against MathNet's double-exponential quadrature of the sine.</summary>
    [Fact]
    public void The_arcsine_agrees_with_quadrature_for_any_response() =>
        Gen.Select(Gen.Double[-20, 20], Gen.Double[0, 25], Gen.Double[-5, 5], Gen.Double[0.1, 5], Gen.Double[0.1, 6], Gen.Double[0.1, 8])
            .Sample(
                (min, range, k, a, b, c) =>
                {
                    var response = new ColdResponse(k, k + a, k + a + b, k + a + b + c);
                    var (mean, amplitude) = (min + (range / 2), range / 2);
                    var knots = new[] { -Math.PI / 2, Math.PI / 2 }
                        .Concat(response.Knots.Where(x => Math.Abs(x - mean) < amplitude).Select(x => Math.Asin((x - mean) / amplitude)))
                        .Order()
                        .ToList();
                    var area = knots
                        .Zip(knots.Skip(1))
                        .Sum(s => GaussLegendreRule.Integrate(t => response.At(mean + (amplitude * Math.Sin(t))), s.First, s.Second, 64));
                    // the quadrature it is held against loses some 1e-9 where two knots nearly meet
                    Assert.Equal(area / Math.PI, SingleSineDay.Effect(min, min + range, response), 1e-8);
                },
                iter: 300
            );

    [Theory]
    [InlineData(2, 2, 2, 2)]
    [InlineData(0, 0, 5, 5)]
    [InlineData(0, 4, 4, 8)]
    public void Knots_that_are_one_jump_there(double a, double b, double c, double d)
    {
        var response = new ColdResponse(a, b, c, d);
        Assert.Equal(0, response.At(a));
        if (a < c)
            Assert.Equal(1, response.At(c));
        Assert.Equal(response.MeanBetween(-3, 12), GaussLegendre(response, -3, 12), 1e-3);
        Assert.InRange(SingleSineDay.Effect(-3, 12, response), 0, 1);
        static double GaussLegendre(ColdResponse r, double from, double to) =>
            Enumerable.Range(0, 100_000).Average(i => r.At(from + ((to - from) * (i + 0.5) / 100_000)));
    }

    [Fact]
    public void Readings_are_joined_by_straight_lines_exactly_through_the_knots()
    {
        // 0 to 10 °C in 24 h: rising 0–1 (half), full 1–5, falling 5–10 (half) = 0.5·1 + 4 + 0.5·5 = 7 of 10
        var result = Chilling.FromReadings(Readings((0, 0), (6, 2.5), (12, 5), (18, 7.5), (24, 10)), Default, TimeSpan.Zero);
        Assert.Equal(0.7, result.EffectiveDays, 12);
        Assert.Equal(24 * 0.72, result.ChillHours, 9);
        Assert.Equal(1, result.CalendarDays, 12);
    }

    [Fact]
    public void A_gap_of_more_than_six_hours_is_left_out_whole_and_one_of_six_is_not()
    {
        var result = Chilling.FromReadings(Readings((0, 3), (6, 3), (12.5, 3), (14, 3)), Default, TimeSpan.Zero);
        Assert.Equal((7.5 / 24, 6.5), (result.EffectiveDays, result.GapHours));
        Assert.Equal(["2027-01-10T06:00:00+00:00"], result.Gaps.Select(g => g.From));
        Assert.Equal(result.CalendarDays, result.EffectiveDays, 12);
        Assert.Empty(Chilling.FromReadings(Readings((0, 3)), Default, TimeSpan.Zero).Daily);
    }

    [Fact]
    public void Readings_are_cut_at_midnight_of_the_offset()
    {
        var days = Chilling.FromReadings(Readings((0, 3), (5, 3), (10, 3)), Default, TimeSpan.FromHours(-7)).Daily;
        Assert.Equal([new DateOnly(2027, 1, 9), new DateOnly(2027, 1, 10)], days.Select(d => d.Date));
        Assert.Equal([7.0 / 24, 3.0 / 24], days.Select(d => d.Effective).Select(e => Math.Round(e, 12)), (a, b) => Math.Abs(a - b) < 1e-9);
    }

    /// <summary>In Denver clocks go forward on 14 March 2027 and back on 7 November: 23 and 25 hours.</summary>
    [Theory]
    [InlineData(3, 14, 23)]
    [InlineData(11, 7, 25)]
    [InlineData(11, 8, 24)]
    public void A_day_on_which_clocks_change_has_its_own_length(int month, int day, double hours)
    {
        var bounds = new DayBounds(TimeZoneInfo.FindSystemTimeZoneById("America/Denver"));
        var from = bounds.StartOf(new(2027, month, day));
        var readings = Enumerable.Range(-12, 96).Select(i => new TemperatureReading(from + (i * 1_800_000L), 3));
        Assert.Equal(
            hours,
            ReadingDays.Of(readings, Default, bounds).Days.Single(d => d.Date == new DateOnly(2027, month, day)).CoveredHours,
            9
        );
    }

    /// <summary>Midnight does not exist in Havana on 14 March 2027.</summary>
    [Fact]
    public void A_midnight_that_is_skipped_still_begins_its_day()
    {
        var bounds = new DayBounds(TimeZoneInfo.FindSystemTimeZoneById("America/Havana"));
        var start = bounds.StartOf(new(2027, 3, 14));
        Assert.Equal((new DateOnly(2027, 3, 14), new DateOnly(2027, 3, 13)), (bounds.DayOf(start), bounds.DayOf(start - 1)));
    }

    [Fact]
    public void Days_not_moist_are_uncertain_and_count_in_none_of_the_three()
    {
        var days = Days((3, 3), (3, 3), (3, 3));
        days[1] = days[1] with { Moist = false };
        var result = Chilling.FromDaily(days, Default);
        Assert.Equal((2.0, 48.0, 2.0, 1.0), (result.CalendarDays, result.ChillHours, result.EffectiveDays, result.UncertainDays));
        Assert.Equal((0.0, 1.0), (result.Daily[1].Effective, result.Daily[1].IfMoist));
    }

    [Fact]
    public void Missing_days_are_gaps_of_a_day() =>
        Assert.Equal(
            (2.0, 72.0),
            (
                Chilling.FromDaily([new(Day, 3, 3), new(Day.AddDays(4), 3, 3)], Default).CalendarDays,
                Chilling.FromDaily([new(Day, 3, 3), new(Day.AddDays(4), 3, 3)], Default).GapHours
            )
        );

    [Theory]
    [InlineData(2, null, 0)]
    [InlineData(3, null, 1)]
    [InlineData(3, 5.0, 0)]
    [InlineData(3, 6.0, 1)]
    public void Three_warm_days_before_the_need_is_met_make_it_a_range(int warm, double? need, int interruptions)
    {
        var result = Chilling.FromDaily(
            Days([.. Enumerable.Repeat((3.0, 3.0), 5), .. Enumerable.Repeat((12.0, 22.0), warm), (3, 3), (3, 3)]),
            Default,
            need
        );
        Assert.Equal(interruptions, result.Interruptions.Count);
        if (interruptions == 0)
            Assert.Null(result.Range);
        else
            Assert.Equal(new EffectiveRange(2, 7), result.Range);
    }

    /// <summary>Splitting a reading's line by a reading on it changes nothing.</summary>
    [Fact]
    public void A_reading_on_the_line_changes_nothing() =>
        // hundredths of a degree, as thermometers give them
        Gen.Select(Gen.Int[-1500, 2500].Select(c => c / 100.0), Gen.Int[-1500, 2500].Select(c => c / 100.0), Gen.Double[0.05, 0.95])
            .Sample(
                (a, b, share) =>
                {
                    var two = Chilling.FromReadings(Readings((0, a), (5, b)), Default, TimeSpan.Zero);
                    var three = Chilling.FromReadings(Readings((0, a), (5 * share, a + ((b - a) * share)), (5, b)), Default, TimeSpan.Zero);
                    Assert.Equal(two.EffectiveDays, three.EffectiveDays, 1e-6);
                    Assert.Equal(two.ChillHours, three.ChillHours, 1e-5);
                },
                iter: 200
            );
}
