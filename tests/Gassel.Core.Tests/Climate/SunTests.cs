using Gassel.Core.Climate;

namespace Gassel.Core.Tests.Climate;

/// <summary>Worked examples of FAO Irrigation and Drainage Paper 56 (Allen et al. 1998), values from memory.</summary>
public class SunTests
{
    private static readonly DateOnly September3 = new(2026, 9, 3);

    [Fact]
    public void Top_of_air_radiation_at_twenty_south_on_3_September_is_example_8() =>
        Assert.Equal(32.2, Sun.TopOfAirMJ(-20, September3), 0.05);

    [Fact]
    public void Daylight_at_twenty_south_on_3_September_is_example_9() => Assert.Equal(11.7, Sun.DaylightHours(-20, September3), 0.05);

    [Fact]
    public void Sun_from_the_range_of_a_July_day_is_example_15() => Assert.Equal(22.3, Sun.FromRangeMJ(26.6 - 14.8, 40.6), 0.05);

    [Theory]
    [InlineData(46.8, "2027-03-14")]
    [InlineData(46.8, "2027-12-21")]
    [InlineData(-38, "2027-06-21")]
    public void The_hours_share_the_whole_sun_of_a_day(double latitude, string day)
    {
        var date = DateOnly.Parse(day, System.Globalization.CultureInfo.InvariantCulture);
        var shares = Enumerable.Range(0, 24).Select(h => Sun.ShareBetween(latitude, date, h, h + 1)).ToList();
        Assert.Equal(1, shares.Sum(), 12);
        Assert.Equal(shares[11], shares[12], 12);
        Assert.Equal(12, shares.IndexOf(shares.Max()) is 11 or 12 ? 12 : -1);
    }

    [Fact]
    public void A_polar_night_has_no_sun_and_a_polar_day_no_end()
    {
        Assert.Equal(0, Sun.TopOfAirMJ(75, new(2027, 12, 21)), 9);
        Assert.Equal(0, Enumerable.Range(0, 24).Sum(h => Sun.ShareBetween(75, new(2027, 12, 21), h, h + 1)));
        Assert.Equal(24, Sun.DaylightHours(75, new(2027, 6, 21)), 9);
    }

    [Fact]
    public void Half_a_year_later_the_other_half_of_the_earth_has_the_day_length()
    {
        // declination turns about 23 September by this formula
        Assert.Equal(Sun.DaylightHours(45, new(2027, 6, 21)), Sun.DaylightHours(-45, new(2027, 12, 21)), 0.05);
    }

    [Fact]
    public void No_range_lets_more_sun_in_than_a_clear_sky() => Assert.Equal(0.75 * 40, Sun.FromRangeMJ(40, 40), 9);
}
