using Gassel.Core.Climate;

namespace Gassel.Core.Tests.Climate;

/// <summary>A forecast as files and services tell it.</summary>
public sealed class ForecastRowsTests
{
    private static readonly DateOnly Today = new(2027, 3, 14);
    private static readonly DateTimeOffset Now = new(2027, 3, 14, 9, 0, 0, TimeSpan.FromHours(-6));

    private static ForecastReading Read(ForecastUnits units, params string[] rows) =>
        new ForecastRows(DayOrder.YearFirst, units, Today, Now, ForecastSource.File, "from a file").Read(
            rows.Select(
                (row, i) =>
                    row.Split(',') is { } c
                        ? new ForecastCells(i + 1, c[0], At(c, 1), At(c, 2), At(c, 3), At(c, 4), At(c, 5))
                        : throw new InvalidOperationException()
            ),
            Today
        );

    private static string At(string[] cells, int i) => i < cells.Length ? cells[i] : "";

    [Fact]
    public void Units_of_other_countries_are_turned_into_ours()
    {
        // 32 °F and 212 °F by definition; a mile 1.609344 km, an inch 25.4 mm (international yard and pound agreement, 1959)
        var units = new ForecastUnits(TemperatureUnit.Fahrenheit, SpeedUnit.MilesPerHour, DepthUnit.Inches, DepthUnit.Inches);
        var day = Assert.Single(Read(units, "2027-03-15,32,50,10,0.5,2").Days);
        Assert.Equal((0, 10), (day.LowC!.Value, day.HighC!.Value));
        Assert.Equal(16.09344, day.GustKmh!.Value, 9);
        Assert.Equal(12.7, day.RainMm!.Value, 9);
        Assert.Equal(5.08, day.SnowCm!.Value, 9);
        // a knot is 1.852 km/h by definition; 10 m/s are 36 km/h
        Assert.Equal(18.52, new ForecastUnits(Wind: SpeedUnit.Knots).ToKmh(10), 9);
        Assert.Equal(36, new ForecastUnits(Wind: SpeedUnit.MetersPerSecond).ToKmh(10), 9);
        Assert.Equal(150, new ForecastUnits(Snow: DepthUnit.Meters).ToSnowCm(1.5), 9);
    }

    [Fact]
    public void Hours_become_days_and_half_a_day_tells_no_low()
    {
        string[] Hours(string day, int hours) =>
            [.. Enumerable.Range(0, hours).Select(h => FormattableString.Invariant($"{day}T{h:00}:00,{h - 5},{h - 5},{h},0.5"))];
        var read = Read(new(), [.. Hours("2027-03-14", 24), .. Hours("2027-03-15", 24), .. Hours("2027-03-16", 12)]);
        Assert.Equal([Today, Today.AddDays(1)], read.Days.Select(d => d.Date));
        Assert.Equal((-5, 18, 23, 12), (read.Days[1].LowC, read.Days[1].HighC, read.Days[1].GustKmh, read.Days[1].RainMm));
        Assert.Contains("2027-03-16 has 12 of 24 rows", Assert.Single(read.Refused).Refused, StringComparison.Ordinal);
    }

    [Fact]
    public void Days_gone_by_are_left_out_and_no_fault()
    {
        var read = Read(new(), "2027-03-13,1,5", "2027-03-15,1,5");
        Assert.Equal((1, 1, 0), (read.Past, read.Days.Count, read.Refused.Count));
    }

    [Theory]
    [InlineData("2027-03-15,5,1", "low 5 is above high 1")]
    [InlineData("2027-02-30,1,5", "valid is a day that exists")]
    [InlineData("2027-03-31,1,5", "more than 15 days ahead")]
    [InlineData("2027-03-15,-90,5", "low was '-90'")]
    [InlineData("2027-03-15,1,5,-3", "gusts was '-3'")]
    [InlineData("2027-03-15,cold,5", "low was 'cold'")]
    [InlineData("2027-03-15,null,NaN,-", "tells no low")]
    public void What_cannot_be_is_refused_with_its_reason(string row, string why)
    {
        var read = Read(new(), row);
        Assert.Empty(read.Days);
        Assert.Contains(why, Assert.Single(read.Refused).Refused, StringComparison.Ordinal);
    }

    [Fact]
    public void A_day_told_twice_is_refused()
    {
        var read = Read(new(), "2027-03-15,1,5", "2027-03-15,2,6", "2027-03-16,0,4");
        Assert.Equal(Today.AddDays(2), Assert.Single(read.Days).Date);
        Assert.Contains("stands twice", Assert.Single(read.Refused).Refused, StringComparison.Ordinal);
    }
}
