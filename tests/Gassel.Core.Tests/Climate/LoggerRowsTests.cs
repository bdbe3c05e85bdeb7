using Gassel.Core.Climate;

namespace Gassel.Core.Tests.Climate;

/// <summary>Moments and temperatures as loggers write them. Zone rules from the system's IANA database.</summary>
public class LoggerRowsTests
{
    private static readonly TimeZoneInfo Denver = TimeZoneInfo.FindSystemTimeZoneById("America/Denver");
    private static readonly DateTimeOffset Now = new(2027, 12, 1, 0, 0, 0, TimeSpan.Zero);

    private static LoggerRows Rows(
        DayOrder order = DayOrder.YearFirst,
        TemperatureUnit unit = TemperatureUnit.Celsius,
        LoggerClock clock = LoggerClock.SiteTime
    ) => new(order, unit, clock, Denver, Now);

    private static string? Utc(LoggerRows rows, string when, string time = "") =>
        rows.Read(when, time, "4", out var reading) == LoggerFault.None
            ? reading.At.ToString("yyyy-MM-dd HH:mm:ss", System.Globalization.CultureInfo.InvariantCulture)
            : null;

    [Theory]
    [InlineData("2027-01-10 06:30", "", DayOrder.YearFirst, "2027-01-10 13:30:00")]
    [InlineData("2027-01-10T06:30:15", "", DayOrder.YearFirst, "2027-01-10 13:30:15")]
    [InlineData("2027-01-10T06:30:15.250Z", "", DayOrder.YearFirst, "2027-01-10 06:30:15")]
    [InlineData("2027-01-10T06:30:00+01:00", "", DayOrder.YearFirst, "2027-01-10 05:30:00")]
    [InlineData("2027-01-10 06:30 -0700", "", DayOrder.YearFirst, "2027-01-10 13:30:00")]
    [InlineData("10.01.2027 06:30", "", DayOrder.DayFirst, "2027-01-10 13:30:00")]
    [InlineData("1/10/27 6:30 PM", "", DayOrder.MonthFirst, "2027-01-11 01:30:00")]
    [InlineData("01/10/2027", "12:05:00 AM", DayOrder.MonthFirst, "2027-01-10 07:05:00")]
    [InlineData("20270110", "06:30", DayOrder.YearFirst, "2027-01-10 13:30:00")]
    [InlineData("2027-07-10 06:30", "", DayOrder.YearFirst, "2027-07-10 12:30:00")]
    [InlineData("2027-01-10", "", DayOrder.YearFirst, "2027-01-10 07:00:00")]
    [InlineData("2027-13-10 06:30", "", DayOrder.YearFirst, null)]
    [InlineData("2027-02-29 06:30", "", DayOrder.YearFirst, null)]
    [InlineData("2027-01-10 24:30", "", DayOrder.YearFirst, null)]
    [InlineData("2027-01-10 13:30 PM", "", DayOrder.YearFirst, null)]
    [InlineData("yesterday", "", DayOrder.YearFirst, null)]
    [InlineData("", "", DayOrder.YearFirst, null)]
    public void Moments_are_read_as_written(string when, string time, DayOrder order, string? utc) =>
        Assert.Equal(utc, Utc(Rows(order), when, time));

    [Theory]
    [InlineData("4", 4.0)]
    [InlineData("-3.25", -3.25)]
    [InlineData("3,5", 3.5)]
    [InlineData("3.5 °C", 3.5)]
    [InlineData("", null)]
    [InlineData("n/a", null)]
    [InlineData("85", null)]
    [InlineData("-127", null)]
    [InlineData("1e3", null)]
    public void A_lost_sensor_is_no_temperature(string text, double? tempC)
    {
        var fault = Rows().Read("2027-01-10 06:30", "", text, out var reading);
        Assert.Equal(tempC, fault == LoggerFault.None ? reading.TempC : null);
        if (tempC is null)
            Assert.Equal(LoggerFault.Temperature, fault);
    }

    /// <summary>39.2 °F is 4 °C by the definition of the scale.</summary>
    [Fact]
    public void Fahrenheit_is_turned_to_Celsius()
    {
        Rows(unit: TemperatureUnit.Fahrenheit).Read("2027-01-10 06:30", "", "39.2F", out var reading);
        Assert.Equal(4, reading.TempC, 9);
    }

    [Fact]
    public void The_hour_skipped_in_spring_does_not_exist_unless_the_logger_keeps_standard_time()
    {
        Assert.Equal(LoggerFault.SkippedHour, Rows().Read("2027-03-14 02:30", "", "4", out _));
        Assert.Equal("2027-03-14 09:30:00", Utc(Rows(clock: LoggerClock.StandardTime), "2027-03-14 02:30"));
        Assert.Equal("2027-07-01 19:00:00", Utc(Rows(clock: LoggerClock.StandardTime), "2027-07-01 12:00"));
        Assert.Equal("2027-03-14 02:30:00", Utc(Rows(clock: LoggerClock.Utc), "2027-03-14 02:30"));
        Assert.Equal(
            ["2027-03-14 08:59:00", "2027-03-14 09:00:00"],
            new[] { Utc(Rows(), "2027-03-14 01:59"), Utc(Rows(), "2027-03-14 03:00") }
        );
    }

    [Fact]
    public void The_hour_that_comes_twice_in_autumn_is_told_by_the_clock_stepping_back()
    {
        var rows = Rows();
        var told = new[] { "00:40", "01:10", "01:40", "01:10", "01:40", "02:10" }.Select(t => Utc(rows, $"2027-11-07 {t}")![11..16]);
        Assert.Equal(["06:40", "07:10", "07:40", "08:10", "08:40", "09:10"], told);
    }

    [Fact]
    public void A_reading_from_the_future_is_refused_and_a_clock_some_minutes_ahead_is_not()
    {
        Assert.Equal(LoggerFault.Future, Rows().Read("2027-11-30 17:11", "", "4", out _));
        Assert.Equal(LoggerFault.None, Rows().Read("2027-11-30 17:09", "", "4", out _));
    }

    [Theory]
    [InlineData(39.2, TemperatureUnit.Celsius, 4, TemperatureUnit.Fahrenheit)]
    [InlineData(66, TemperatureUnit.Celsius, 18, TemperatureUnit.Fahrenheit)]
    [InlineData(-15.6, TemperatureUnit.Fahrenheit, 4, TemperatureUnit.Celsius)]
    [InlineData(5, TemperatureUnit.Celsius, 4, null)]
    [InlineData(24, TemperatureUnit.Celsius, 4, null)]
    public void A_column_in_the_other_unit_is_noticed(double readC, TemperatureUnit unit, double placeC, TemperatureUnit? other) =>
        Assert.Equal(other, LoggerRows.OtherUnit([readC, readC + 0.5, readC - 0.5], unit, placeC));
}
