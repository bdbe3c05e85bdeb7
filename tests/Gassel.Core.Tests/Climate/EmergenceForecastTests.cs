using CsCheck;
using Gassel.Core.Climate;

namespace Gassel.Core.Tests.Climate;

public class EmergenceForecastTests
{
    private static readonly DateOnly Start = new(2027, 3, 1);

    [Theory]
    [InlineData(-3, 0)]
    [InlineData(0, 0)]
    [InlineData(6, 6)]
    [InlineData(12, 12)]
    [InlineData(16, 6)]
    [InlineData(20, 0)]
    [InlineData(27, 0)]
    public void Cool_germinators_are_fastest_at_twelve_and_stop_at_twenty(double tempC, double degrees) =>
        Assert.Equal(degrees, ThermalRate.Cool.At(tempC), 12);

    [Fact]
    public void Without_a_ceiling_it_is_flat_from_the_optimum_on() => Assert.Equal(16, new ThermalRate(4, 20).At(35), 12);

    [Fact]
    public void Without_an_optimum_it_rises_up_to_the_ceiling() =>
        Assert.Equal([16, 0], [new ThermalRate(4, null, 21).At(20), new ThermalRate(4, null, 21).At(21)]);

    [Fact]
    public void A_day_is_the_mean_over_its_sine() =>
        Gen.Select(Gen.Double[-10, 25], Gen.Double[0.5, 25])
            .Sample(
                (min, range) =>
                {
                    foreach (
                        var rate in new[]
                        {
                            ThermalRate.Cool,
                            ThermalRate.General,
                            new ThermalRate(3),
                            new ThermalRate(3, 15),
                            new ThermalRate(3, null, 18),
                        }
                    )
                    {
                        // midpoints of the sine's angle, an independent sum
                        const int n = 40_000;
                        var sum = 0.0;
                        for (var i = 0; i < n; i++)
                            sum += rate.At(min + (range / 2) + (range / 2 * Math.Sin(Math.PI * (((i + 0.5) / n) - 0.5))));
                        Assert.Equal(sum / n, rate.MeanOfDay(min, min + range), 2e-3);
                    }
                },
                iter: 40
            );

    [Fact]
    public void A_straight_way_is_summed_exactly_through_the_knots()
    {
        // 0 to 24 °C: rises 12·12/2 to the optimum, falls 12·8/2 to the ceiling, nothing for the last four
        Assert.Equal((72 + 48) / 24.0, ThermalRate.Cool.MeanBetween(0, 24), 12);
        Assert.Equal(ThermalRate.Cool.MeanBetween(0, 24), ThermalRate.Cool.MeanBetween(24, 0), 12);
    }

    [Fact]
    public void Packet_days_become_thermal_time()
    {
        var time = ThermalTime.OfPacket(5, 20, 15, new(5));
        Assert.Equal(new ThermalTime(50, 100, 200), time);
    }

    [Fact]
    public void At_one_temperature_the_days_of_the_packet_come_back()
    {
        var rate = new ThermalRate(5);
        var days = Enumerable.Range(0, 40).Select(i => EmergenceForecast.Day(Start.AddDays(i), 15, 15, rate)).ToList();
        var forecast = EmergenceForecast.Of(days, Start, rate, ThermalTime.OfPacket(5, 20, 15, new(5)));
        // the fifth day is the fourth after the first
        Assert.Equal((Start.AddDays(4), Start.AddDays(9), Start.AddDays(19)), (forecast.T10, forecast.T50, forecast.T90));
        Assert.Equal(0, forecast.ThermoinhibitedDays);
    }

    [Fact]
    public void A_cooking_jug_does_not_come_up_sooner()
    {
        EmergenceForecast In(double tempC) =>
            EmergenceForecast.Of(
                [.. Enumerable.Range(0, 30).Select(i => EmergenceForecast.Day(Start.AddDays(i), tempC, tempC, ThermalRate.Cool))],
                Start,
                ThermalRate.Cool,
                new(40, 60, 90)
            );
        Assert.True(In(18).T50 > In(12).T50);
        Assert.Null(In(25).T10);
        Assert.Equal(30, In(25).ThermoinhibitedDays, 9);
    }

    [Fact]
    public void Readings_and_days_agree_where_nothing_changes()
    {
        var at = new DateTimeOffset(2027, 3, 1, 0, 0, 0, TimeSpan.Zero);
        var readings = Enumerable
            .Range(0, (24 * 10) + 1)
            .Select(h => new TemperatureReading(at.AddHours(h).ToUnixTimeMilliseconds(), 10))
            .ToList();
        var days = EmergenceForecast.Days(readings, ThermalRate.Cool, DayBounds.Of(TimeSpan.Zero));
        Assert.Equal(10, days.Count);
        Assert.All(days, d => Assert.Equal(10, d.Degrees, 9));
    }

    [Fact]
    public void A_gap_of_more_than_six_hours_is_left_out()
    {
        var at = new DateTimeOffset(2027, 3, 1, 0, 0, 0, TimeSpan.Zero);
        TemperatureReading[] readings =
        [
            new(at.ToUnixTimeMilliseconds(), 10),
            new(at.AddHours(6).ToUnixTimeMilliseconds(), 10),
            new(at.AddHours(18).ToUnixTimeMilliseconds(), 10),
            new(at.AddHours(24).ToUnixTimeMilliseconds(), 10),
        ];
        Assert.Equal(5, EmergenceForecast.Days(readings, ThermalRate.Cool, DayBounds.Of(TimeSpan.Zero)).Sum(d => d.Degrees), 9);
    }

    [Fact]
    public void Days_before_the_start_count_for_nothing()
    {
        var days = Enumerable.Range(0, 20).Select(i => EmergenceForecast.Day(Start.AddDays(i), 10, 10, ThermalRate.Cool)).ToList();
        Assert.Equal(Start.AddDays(9), EmergenceForecast.Of(days, Start.AddDays(5), ThermalRate.Cool, new(10, 50, 90)).T50);
    }

    /// <summary>By hand: at 16 °C the cool kinds' rate is 12·(20 − 16) ÷ (20 − 12) = 6, not 16.</summary>
    [Fact]
    public void Days_on_a_packet_count_at_the_rate_of_their_temperature() =>
        Assert.Equal(
            (60.0, 240.0),
            (ThermalTime.OfPacket(10, 40, 16, ThermalRate.Cool).T10, ThermalTime.OfPacket(10, 40, 16, ThermalRate.Cool).T90)
        );

    [Fact]
    public void Missing_days_inside_the_run_are_listed_and_said()
    {
        DateOnly[] days = [new(2027, 3, 1), new(2027, 3, 2), new(2027, 3, 6)];
        var gap = Assert.Single(EmergenceGap.Of(days, new(2027, 3, 1)));
        Assert.Equal((72.0, new DateTime(2027, 3, 3), new DateTime(2027, 3, 5)), (gap.Hours, gap.From.Date, gap.To.Date));
        var forecast = EmergenceForecast.Of(
            [.. days.Select(d => EmergenceForecast.Day(d, 10, 20, ThermalRate.General))],
            days[0],
            ThermalRate.General,
            new(1, 2, 3),
            [gap]
        );
        Assert.Contains(forecast.Working, w => w.Contains("missing for 3 days in 1 gap", StringComparison.Ordinal));
        Assert.Single(EmergenceGap.Of(days, new(2027, 2, 27)), g => g.Hours == 48);
    }
}
