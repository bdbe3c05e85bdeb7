using Gassel.Core.Climate;

namespace Gassel.Core.Tests.Climate;

/// <summary>The generator gives back what it was told: the check is on itself, for its data are invented.</summary>
public class WeatherGeneratorTests
{
    private static readonly List<WeatherDay> TwoHundredYears =
    [
        .. WeatherGenerator.Days(ClimateNormals.SkarveBench, new(1801, 1, 1), new(2000, 12, 31), seed: 5),
    ];

    /// <summary>
    /// A monthly mean over 200 years of AR(1) days has a standard error near sd·√((1+ρ)/(1−ρ)/6000) ≈ 0.14 K in winter; the smooth curve
    /// may
    /// miss a month's own mean by a little besides.
    /// </summary>
    [Fact]
    public void Long_run_monthly_means_come_back()
    {
        var normals = ClimateNormals.SkarveBench;
        foreach (var month in TwoHundredYears.GroupBy(d => d.Date.Month))
        {
            Assert.Equal(normals.MeanC[month.Key - 1], month.Average(d => d.MeanC), 0.75);
        }
        Assert.Equal(normals.MeanC.Average(), TwoHundredYears.Average(d => d.MeanC), 0.3);
    }

    [Fact]
    public void A_day_remembers_the_day_before()
    {
        var departures = TwoHundredYears
            .Select(d => d.MeanC - WeatherGenerator.Seasonal(ClimateNormals.SkarveBench.MeanC, d.Date))
            .ToArray();
        var variance = departures.Average(x => x * x);
        var lagged = departures.Zip(departures.Skip(1), (a, b) => a * b).Average();
        Assert.Equal(WeatherGenerator.Memory, lagged / variance, 0.01);
    }

    [Fact]
    public void The_median_last_spring_frost_is_about_the_eighth_of_May()
    {
        var frost = FrostDates.From([.. TwoHundredYears.Select(d => new DailyMinimum(d.Date, d.MinC))], 0, 46.8);
        // 8 May is day 127 of a year from 0
        Assert.InRange(frost.LastSpring!.P50Offset, 127 - 4, 127 + 4);
    }

    [Fact]
    public void The_same_seed_is_the_same_weather_and_snow_lies_in_winter_alone()
    {
        var again = WeatherGenerator.Days(ClimateNormals.SkarveBench, new(1801, 1, 1), new(1810, 12, 31), seed: 5).ToList();
        Assert.Equal(TwoHundredYears.Take(again.Count), again);
        Assert.Contains(TwoHundredYears, d => d is { Date.Month: 1, SnowCm: > 10 });
        Assert.DoesNotContain(TwoHundredYears, d => d is { Date.Month: 7, SnowCm: > 0 });
        Assert.All(TwoHundredYears, d => Assert.True(d.MinC < d.MaxC));
    }
}
