using System.Globalization;
using Gassel.Core.Climate;

namespace Gassel.Core.Tests.Climate;

/// <summary>Which source speaks for a day. The order is our assumption.</summary>
public class SiteWeatherTests
{
    private static readonly DateOnly Today = new(2027, 3, 14);

    private static DateOnly D(string day) => DateOnly.ParseExact(day, "yyyy-MM-dd", CultureInfo.InvariantCulture);

    private static List<DailyTemperature> Record(DateOnly from, int days, double minC = 0, double maxC = 10) =>
        [.. Enumerable.Range(0, days).Select(i => new DailyTemperature(from.AddDays(i), minC, maxC))];

    private static ServiceDay Said(int days, double minC) => new(Today.AddDays(days), minC, minC + 8, 3, true, 50, days < 0);

    private static TemperatureDay Own(int days, double minC, double hours = 24) =>
        TemperatureDay.FromRange(Today.AddDays(days), minC, minC + 6, Core.Treatments.ColdResponse.Usual) with
        {
            CoveredHours = hours,
        };

    private static SiteWeather Together(
        IReadOnlyList<DailyTemperature>? record = null,
        IReadOnlyList<ServiceDay>? service = null,
        IReadOnlyList<TemperatureDay>? own = null,
        double offsetK = 0
    ) => SiteWeather.Together(record ?? [], service is null ? null : ("service", service), own ?? [], Today.AddDays(-420), Today, offsetK);

    [Fact]
    public void Nothing_known_is_no_weather()
    {
        var weather = Together();
        Assert.Empty(weather.Days);
        Assert.Empty(weather.Working);
    }

    [Fact]
    public void The_thermometer_goes_before_the_record_and_the_record_before_the_service()
    {
        var weather = Together(Record(Today.AddDays(-3), 2), [Said(-3, -9), Said(-2, -9), Said(-1, -9), Said(0, -5)], [Own(-3, 2)], -2);
        Assert.Equal([2.0, -2.0, -11.0, -7.0], weather.Days.Select(d => d.MinC));
        Assert.Equal(
            [YardDaySource.Recorded, YardDaySource.Recorded, YardDaySource.Recorded, YardDaySource.Outlook],
            weather.Days.Select(d => d.Source)
        );
        // rain and wind are the service's, whoever has the temperature
        Assert.All(weather.Days, d => Assert.Equal((true, 50.0), (d.Wet!.Value, d.GustKmh!.Value)));
    }

    [Fact]
    public void A_day_measured_in_part_is_not_believed() =>
        Assert.Equal([0.0, 3.0], Together(Record(Today.AddDays(-2), 2), own: [Own(-2, 7, hours: 12), Own(-1, 3)]).Days.Select(d => d.MinC));

    [Fact]
    public void A_record_that_reaches_past_today_is_an_outlook_from_today_on() =>
        Assert.Equal(
            [YardDaySource.Recorded, YardDaySource.Outlook, YardDaySource.Outlook],
            Together(Record(Today.AddDays(-1), 3)).Days.Select(d => d.Source)
        );

    [Fact]
    public void Behind_a_gap_of_three_days_it_begins_anew()
    {
        var weather = Together([.. Record(D("2027-03-01"), 3), .. Record(D("2027-03-07"), 4)]);
        Assert.Equal((D("2027-03-07"), 4), (weather.Days[0].Date, weather.Days.Count));
    }

    [Fact]
    public void Past_all_of_them_stands_the_mean_of_five_years_and_of_fewer_none()
    {
        var years = Enumerable.Range(2021, 7).SelectMany(y => Record(new(y, 3, 1), 60, y - 2021, 10)).Where(d => d.Date < Today).ToList();
        var weather = Together(years);
        var typical = weather.Days.Where(d => d.Source == YardDaySource.Typical).ToList();
        // 2021 to 2026 have a 14 March: minima 0 to 5
        Assert.Equal((Today, 2.5), (typical[0].Date, typical[0].MinC));
        Assert.Equal(new DateOnly(2027, 4, 30), typical[^1].Date);
        Assert.Contains("no single cold night", weather.Working[^1], StringComparison.Ordinal);
        Assert.DoesNotContain(Together([.. years.Where(d => d.Date.Year > 2023)]).Days, d => d.Source == YardDaySource.Typical);
    }
}
