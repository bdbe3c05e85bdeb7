using Gassel.Core.Climate;

namespace Gassel.Core.Tests.Climate;

/// <summary>What is foretold, and what that is worth. Numbers made by hand.</summary>
public sealed class ForecastTests
{
    private static readonly DateTimeOffset Now = new(2027, 3, 14, 16, 0, 0, TimeSpan.FromHours(-6));
    private static readonly DateOnly Today = new(2027, 3, 14);

    private static ForecastWord Word(int day, double? low, double? high = null, double hoursAgo = 1, double? gust = null) =>
        new(Today.AddDays(day), low, high, gust, null, null, Now.AddHours(-hoursAgo), ForecastSource.Typed, "typed by Odila");

    [Fact]
    public void The_newest_word_on_a_day_wins_and_what_it_leaves_out_stays()
    {
        var day = Assert.Single(Forecast.Of([Word(1, -2, 6, 1), Word(1, -5, 4, 20, gust: 60)], Now).Days);
        Assert.Equal((-2, 6, 60), (day.LowC, day.HighC, day.GustKmh));
    }

    [Fact]
    public void An_older_high_below_the_newer_low_is_dropped()
    {
        var day = Assert.Single(Forecast.Of([Word(1, 9, null, 1), Word(1, -5, 4, 20)], Now).Days);
        Assert.Equal((9.0, null), (day.LowC, day.HighC));
    }

    [Theory]
    [InlineData(1.0, ForecastState.Known)]
    [InlineData(23.9, ForecastState.Known)]
    [InlineData(24.1, ForecastState.Stale)]
    public void A_word_on_tonight_is_good_for_a_day(double hoursAgo, ForecastState state) =>
        Assert.Equal(state, Forecast.Of([Word(1, -2, hoursAgo: hoursAgo)], Now).State);

    /// <summary>The night to come ends tomorrow: a word on today or on the night after says nothing of it.</summary>
    [Fact]
    public void Without_the_low_of_tonight_there_is_no_forecast()
    {
        var forecast = Forecast.Of([Word(0, -2), Word(2, -3), Word(1, null, 8)], Now);
        Assert.Equal((ForecastState.None, null), (forecast.State, forecast.Until));
        Assert.Equal("No forecast: enter tonight's low.", forecast.Words);
    }

    [Fact]
    public void It_reaches_to_the_last_day_without_a_gap() =>
        Assert.Equal(Today.AddDays(2), Forecast.Of([Word(1, -2), Word(2, -3), Word(4, -3)], Now).Until);

    [Fact]
    public void A_day_told_by_its_low_alone_is_ten_degrees_warmer_at_its_warmest()
    {
        var days = Forecast.Of([Word(1, -4), Word(2, null, 3)], Now).ToServiceDays();
        Assert.Equal([(-4, 6), (-7, 3)], days.Select(d => (d.MinC, d.MaxC)));
        Assert.All(days, d => Assert.Equal((null, null, false), (d.Wet, d.GustKmh, d.Observed)));
    }

    [Fact]
    public void A_frost_hollow_is_learned_from_its_own_thermometer()
    {
        // told each evening before; the yard was 3 K colder, but for one night
        var words = Enumerable.Range(-9, 8).Select(d => Word(d, 0, hoursAgo: 24 * (1 - d)));
        var measured = Enumerable.Range(-9, 8).Select(d => new TemperatureDay(Today.AddDays(d), 1, d == -5 ? 1 : -3, 5, 24, 0, 0));
        var skill = ForecastSkill.Of(words, measured, Now.Offset)!;
        Assert.Equal((8, -2.5, 2.75), (skill.Nights, skill.OffK, skill.MissK));
        Assert.Contains("colder than the forecast low", skill.Words, StringComparison.Ordinal);
    }

    [Fact]
    public void What_was_told_on_the_day_itself_is_no_forecast_and_few_nights_tell_nothing()
    {
        var measured = Enumerable.Range(-9, 8).Select(d => new TemperatureDay(Today.AddDays(d), 1, -3, 5, 24, 0, 0)).ToList();
        Assert.Null(ForecastSkill.Of(Enumerable.Range(-9, 8).Select(d => Word(d, 0, hoursAgo: 24 * -d)), measured, Now.Offset));
        Assert.Null(ForecastSkill.Of(Enumerable.Range(-9, 6).Select(d => Word(d, 0, hoursAgo: 24 * (1 - d))), measured, Now.Offset));
    }

    [Fact]
    public void The_record_tells_how_often_the_coming_nights_froze_and_says_nothing_of_years_it_lacks()
    {
        var record = new List<DailyTemperature>();
        foreach (var (year, low) in new[] { (2023, 2.0), (2024, -7.0), (2025, -1.0) })
            record.AddRange(Enumerable.Range(1, 4).Select(i => new DailyTemperature(new DateOnly(year, 3, 14).AddDays(i), low, 9)));
        record.Add(new(new(2026, 3, 15), -20, 0));
        var nights = NightsOnRecord.Of(record, Today, 4, 0.5)!;
        Assert.Equal((3, 2, -6.5), (nights.Years, nights.Froze, nights.ColdestC));
        Assert.Null(NightsOnRecord.Of([], Today, 4, 0));
    }
}
