using System.Globalization;
using CsCheck;
using Gassel.Core.Climate;

namespace Gassel.Core.Tests.Climate;

public class FrostDatesTests
{
    /// <summary>Daily weather of Seattle 2012–2015 from the npm package vega-datasets (BSD-3), a test-only dependency.</summary>
    internal static IReadOnlyList<DailyMinimum> Seattle() =>
        [
            .. File.ReadLines(OpenData.Find("seattle-weather.csv"))
                .Skip(1)
                .Select(l => l.Split(','))
                .Select(c => new DailyMinimum(
                    DateOnly.ParseExact(c[0].Replace('/', '-'), "yyyy-MM-dd"),
                    double.Parse(c[3], CultureInfo.InvariantCulture)
                )),
        ];

    /// <summary>Quantiles: R 4.2.2, quantile(type = 7).</summary>
    [Fact]
    public void Seattle_as_in_R()
    {
        var frost = FrostDates.From(Seattle(), 0, 47.6);
        Assert.Equal(
            ["2012-03-19", "2013-03-04", "2014-02-09", "2015-03-04"],
            frost.Years.Select(y => y.LastSpring!.Value.ToString("yyyy-MM-dd", CultureInfo.InvariantCulture))
        );
        Assert.Equal(45.9, frost.LastSpring!.P10Offset, 9);
        Assert.Equal(62.0, frost.LastSpring.P50Offset, 9);
        Assert.Equal(73.2, frost.LastSpring.P90Offset, 9);
        Assert.Equal(314.3, frost.FirstAutumn!.P10Offset, 9);
        Assert.Equal(319.5, frost.FirstAutumn.P50Offset, 9);
        Assert.Equal(325.4, frost.FirstAutumn.P90Offset, 9);
        Assert.Equal("03-04", frost.LastSpring.P50);
        // 319.5 rounds up to day 320 of a 365-day calendar
        Assert.Equal("11-17", frost.FirstAutumn.P50);
        Assert.Equal((4, 4, 4, 0), (frost.YearsUsed, frost.SpringYearsUsed, frost.AutumnYearsUsed, frost.FrostFreeSprings));
        Assert.Contains(frost.Working, l => l.Contains("a range, not a risk"));
        Assert.Equal(0.25, frost.Risk.LastSpringAfter.Single(s => s.Date == "03-10").Share, 9);
    }

    [Fact]
    public void The_order_of_days_does_not_matter()
    {
        var shuffled = Seattle().ToArray();
        new Random(3).Shuffle(shuffled);
        Assert.Equal(FrostDates.From(Seattle(), 0, 47.6).Years, FrostDates.From(shuffled, 0, 47.6).Years);
    }

    /// <summary>The same weather half a year later in the south gives the same offsets, but for a leap day in the way.</summary>
    [Fact]
    public void The_south_is_the_north_shifted_by_six_months()
    {
        static IEnumerable<DailyMinimum> Year(int year, int month) =>
            Enumerable
                .Range(0, 365)
                .Select(d => new DailyMinimum(new DateOnly(year, month, 1).AddDays(d), 10 - 14 * Math.Cos(2 * Math.PI * d / 365)));
        var north = FrostDates.From([.. Year(2021, 1), .. Year(2022, 1)], 0, 45);
        var south = FrostDates.From([.. Year(2021, 7), .. Year(2022, 7)], 0, -45);
        Assert.Equal(north.LastSpring!.P50Offset, south.LastSpring!.P50Offset);
        Assert.Equal(2021, south.Years[0].Year);
        Assert.Equal(new DateOnly(2021, 7, 1).AddDays((int)north.LastSpring.P50Offset), south.Years[0].LastSpring);
    }

    [Fact]
    public void A_half_year_with_too_many_gaps_does_not_count_and_the_other_half_still_does()
    {
        var holed = Seattle().Select(d => d.Date is { Year: 2013, Month: 2 } ? d with { MinC = null } : d).ToList();
        var frost = FrostDates.From(holed, 0, 47.6);
        Assert.Equal((3, 4, 4), (frost.SpringYearsUsed, frost.AutumnYearsUsed, frost.YearsUsed));
        Assert.Null(frost.Years[1].LastSpring);
        Assert.NotNull(frost.Years[1].FirstAutumn);
    }

    [Fact]
    public void A_year_without_frost_is_counted_and_left_out_of_the_quantiles()
    {
        var warm = Seattle().Select(d => d.Date.Year == 2014 ? d with { MinC = d.MinC + 30 } : d).ToList();
        var frost = FrostDates.From(warm, 0, 47.6);
        Assert.Equal((1, 1), (frost.FrostFreeSprings, frost.FrostFreeAutumns));
        Assert.Equal(0.75, frost.Risk.LastSpringAfter[0].Share, 9);
        Assert.Null(FrostDates.From([.. Seattle().Select(d => d with { MinC = 20 })], 0, 47.6).LastSpring);
    }

    [Fact]
    public void A_higher_threshold_never_ends_the_frosts_earlier()
    {
        Gen.Select(Gen.Double[-5, 8], Gen.Double[0, 5])
            .Sample(
                (threshold, more) =>
                {
                    var (colder, milder) = (
                        FrostDates.From(Seattle(), threshold, 47.6),
                        FrostDates.From(Seattle(), threshold + more, 47.6)
                    );
                    Assert.All(colder.Years.Zip(milder.Years), t =>
                    {
                        if (t.First.LastSpring is { } last)
                            Assert.True(t.Second.LastSpring >= last);
                        if (t.First.FirstAutumn is { } first)
                            Assert.True(t.Second.FirstAutumn <= first);
                    });
                },
                iter: 40
            );
    }
}
