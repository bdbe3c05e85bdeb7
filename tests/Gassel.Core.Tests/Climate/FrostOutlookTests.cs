using Gassel.Core.Climate;

namespace Gassel.Core.Tests.Climate;

public class FrostOutlookTests
{
    private static readonly IReadOnlyList<DailyTemperature> Invented =
    [
        .. WeatherGenerator
            .Days(ClimateNormals.SkarveBench, new(1997, 1, 1), new(2026, 12, 31), 5)
            .Select(d => new DailyTemperature(d.Date, d.MinC, d.MaxC)),
    ];

    /// <summary>Means fall in a straight line through 0 °C on 1 December: the mean of 14 days follows 6.5 days later.</summary>
    private static IEnumerable<DailyTemperature> Falling(int from, int to, int monthOfZero) =>
        Enumerable
            .Range(0, new DateOnly(to, 12, 31).DayNumber - new DateOnly(from, 1, 1).DayNumber + 1)
            .Select(i => new DateOnly(from, 1, 1).AddDays(i))
            .Select(d =>
                (
                    d,
                    Distance: Math.Cos(2 * Math.PI * (d.DayOfYear - new DateOnly(2025, monthOfZero, 1).DayOfYear) / 365.25 + Math.PI / 2)
                        * 15
                )
            )
            .Select(t => new DailyTemperature(t.d, t.Distance - 4, t.Distance + 4));

    [Fact]
    public void The_ground_freezes_about_a_week_after_the_air()
    {
        var freeze = GroundFreeze.From([.. Falling(2010, 2024, 12)], 46);
        Assert.Equal(14, freeze.YearsUsed);
        Assert.All(freeze.Years, y => Assert.InRange(y.On!.Value.DayOfYear, 340, 344));
        Assert.StartsWith("12-0", freeze.Usual);
    }

    /// <summary>Half a year later in the south, when the winter begins in June.</summary>
    [Fact]
    public void In_the_south_it_freezes_in_their_winter()
    {
        var freeze = GroundFreeze.From([.. Falling(2010, 2024, 6)], -46);
        Assert.All(freeze.Years, y => Assert.Equal(6, y.On!.Value.Month));
    }

    [Fact]
    public void A_mild_place_never_freezes_and_says_so()
    {
        var freeze = GroundFreeze.From([.. Falling(2010, 2024, 12).Select(d => d with { MinC = d.MinC + 30, MaxC = d.MaxC + 30 })], 46);
        Assert.Equal((14, 14), (freeze.YearsUsed, freeze.YearsWithout));
        Assert.Null(freeze.Usual);
    }

    [Fact]
    public void Harder_frosts_end_sooner_and_a_cold_hollow_has_them_longer()
    {
        var outlook = FrostOutlook.From(Invented, 46.8);
        Assert.Equal([0, -2, -4, -6], outlook.Thresholds.Select(t => t.ThresholdC));
        var ends = outlook.Thresholds.Select(t => t.Frost.LastSpring!.P50Offset).ToList();
        Assert.Equal(ends.OrderDescending(), ends);
        Assert.True(FrostOutlook.From(Invented, 46.8, -2).Frost.LastSpring!.P50Offset > ends[0]);
        Assert.Equal(ends[1], FrostOutlook.From(Invented, 46.8, 2).Frost.LastSpring!.P50Offset);
    }

    [Fact]
    public void A_risk_is_said_in_springs_and_never_as_a_quantile()
    {
        var frost = FrostOutlook.From(Invented, 46.8).Frost;
        Assert.StartsWith("all of 30 springs", FrostWords.Later(frost, new(2027, 1, 1), 46.8));
        Assert.StartsWith("none of 30 springs", FrostWords.Later(frost, new(2027, 7, 31), 46.8));
        var late = frost.Years.Select(y => y.LastSpring!.Value).OrderByDescending(d => d.DayOfYear).ElementAt(3);
        Assert.Equal("one spring in ten still had frost later (3 of 30)", FrostWords.Later(frost, new(2027, late.Month, late.Day), 46.8));
        Assert.StartsWith("all of 30 autumns", FrostWords.Earlier(frost, new(2027, 12, 31), 46.8));
    }

    [Fact]
    public void Few_years_make_no_risk()
    {
        var frost = FrostDates.From(FrostDatesTests.Seattle(), 0, 47.6);
        Assert.Equal("1 of 4 springs still had frost later; too few years for a risk", FrostWords.Later(frost, new(2027, 3, 10), 47.6));
    }

    /// <summary>The share in words is the share in numbers.</summary>
    [Fact]
    public void Words_and_shares_agree()
    {
        var frost = FrostOutlook.From(Invented, 46.8).Frost;
        foreach (var share in frost.Risk.LastSpringAfter)
        {
            var day = DateOnly.ParseExact("2027-" + share.Date, "yyyy-MM-dd");
            // a 365-day calendar and real leap days may differ by the day
            Assert.InRange(FrostWords.LaterSprings(frost, day, 46.8).Later / 30.0, share.Share - 0.1, share.Share + 0.1);
        }
    }
}
