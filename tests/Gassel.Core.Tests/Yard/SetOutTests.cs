using System.Globalization;
using CsCheck;
using Gassel.Core.Climate;
using Gassel.Core.Record;
using Gassel.Core.Treatments;
using Gassel.Core.Yard;

namespace Gassel.Core.Tests.Yard;

public class SetOutTests
{
    internal static readonly SetOutNeed Camas = new(
        42,
        ColdResponse.ColdGerminator,
        ThermalRate.Cool,
        20,
        ThermalTime.OfPacket(10, 40, 7.5, ThermalRate.Cool),
        true,
        -6
    );
    internal static readonly SetOutNeed Penstemon = new(
        28,
        ColdResponse.Usual,
        ThermalRate.General,
        30,
        ThermalTime.OfPacket(10, 30, 15, ThermalRate.General),
        false,
        -4
    );

    private static readonly WinterRuns Runs = new(
        Weathers.Record,
        46.8,
        ContainerParameters.Of(ContainerPreset.Jug4),
        Weathers.CapOff,
        new(2026, 11, 1)
    );

    private static readonly IReadOnlyList<DateOnly> Dates =
    [
        .. Enumerable.Range(0, 24).Select(i => new DateOnly(2026, 11, 1).AddDays(7 * i)),
    ];

    [Fact]
    public void Thirty_winters_are_counted() => Assert.Equal(31, Runs.Count);

    [Fact]
    public void Midwinter_has_enough_cold_and_late_spring_has_not()
    {
        var result = Runs.For(Penstemon, Dates);
        Assert.NotNull(result.Window);
        Assert.True(result.Dates.First(d => d.Date == new DateOnly(2027, 1, 3)).ChillMetShare >= 0.9);
        Assert.True(result.Dates[^1].ChillMetShare < 0.5);
        Assert.True(result.Window.Value.Latest < Dates[^1]);
        Assert.Contains("nine winters of ten", result.WindowWords, StringComparison.Ordinal);
    }

    [Fact]
    public void A_later_day_never_has_more_winters_with_enough_cold() =>
        Gen.Select(Gen.Double[5, 120], Gen.Bool)
            .Sample(
                (days, inCold) =>
                {
                    var shares = Runs.For(Penstemon with { ColdDays = days, GerminatesInCold = inCold }, Dates)
                        .Dates.Select(d => d.ChillMetShare)
                        .ToList();
                    Assert.All(shares.Zip(shares.Skip(1)), p => Assert.True(p.Second <= p.First + 1e-12));
                },
                iter: 10
            );

    [Fact]
    public void Every_winter_ends_one_way()
    {
        foreach (var date in Runs.For(Camas, Dates).Dates)
        {
            Assert.InRange(date.ChillMetShare + date.CarriedToNextSpringShare, 0, 1 + 1e-12);
            Assert.InRange(date.FreezeAfterEmergenceShare, 0, 1);
        }
    }

    [Fact]
    public void Kinds_that_come_up_in_the_cold_are_up_earlier_and_meet_more_frost()
    {
        var waiting = Runs.For(Camas with { GerminatesInCold = false }, Dates).Dates[8];
        var alongside = Runs.For(Camas, Dates).Dates[8];
        Assert.True(alongside.Emergence!.P50Offset <= waiting.Emergence!.P50Offset);
        Assert.True(alongside.FreezeAfterEmergenceShare >= waiting.FreezeAfterEmergenceShare);
    }

    [Fact]
    public void A_hardier_seedling_is_hit_in_fewer_winters()
    {
        double Hit(double killC) => Runs.For(Camas with { KillC = killC }, Dates).Dates[6].FreezeAfterEmergenceShare;
        Assert.True(Hit(-6) <= Hit(-2) && Hit(-2) <= Hit(0));
        Assert.True(Hit(0) > 0);
    }

    /// <summary>Daily weather of Seattle 2012–2015, vega-datasets (BSD-3): three whole winters of a mild coast.</summary>
    [Fact]
    public void An_open_record_has_three_winters_and_too_little_cold_for_a_deep_kind()
    {
        var seattle = Seattle();
        var runs = new WinterRuns(seattle, 47.6, ContainerParameters.Of(ContainerPreset.Jug4), Weathers.CapOff, new(2012, 11, 1));
        Assert.Equal(3, runs.Count);
        var mild = runs.For(Penstemon with { ColdDays = 20 }, [new(2012, 12, 1)]).Dates[0];
        var deep = runs.For(Penstemon with { ColdDays = 120, CeilingC = 20 }, [new(2012, 12, 1)]).Dates[0];
        Assert.Equal((1.0, 0.0), (mild.ChillMetShare, deep.ChillMetShare));
        Assert.Equal(1.0, deep.CarriedToNextSpringShare);
    }

    [Fact]
    public void A_winter_with_three_missing_days_is_left_out_and_said()
    {
        var holed = Weathers.Record.Where(d => d.Date < new DateOnly(2010, 2, 10) || d.Date > new DateOnly(2010, 2, 12)).ToList();
        var runs = new WinterRuns(holed, 46.8, ContainerParameters.Of(ContainerPreset.Jug4), Weathers.CapOff, new(2026, 11, 1));
        Assert.Equal(30, runs.Count);
        Assert.Equal(2009, Assert.Single(runs.LeftOut).Year);
        Assert.Contains(runs.For(Camas, Dates).Working, w => w.Contains("2009/10", StringComparison.Ordinal));
    }

    [Fact]
    public void Two_missing_days_are_taken_between_their_neighbours()
    {
        var (first, last) = (new DateOnly(2027, 1, 10), new DateOnly(2027, 1, 13));
        var filled = WeatherFilling.Of([new(first, -6, 0), new(first.AddDays(1), null, 4), new(last, 0, 6)]);
        Assert.Null(filled.Broken);
        Assert.Equal(
            new WholeDay(first.AddDays(1), -4, 2),
            filled.Days[1] with
            {
                MinC = Math.Round(filled.Days[1].MinC, 9),
                MaxC = Math.Round(filled.Days[1].MaxC, 9),
            }
        );
        Assert.Equal(4, filled.Days.Count);
        Assert.NotNull(WeatherFilling.Of([new(first, -6, 0), new(last.AddDays(1), 0, 6)]).Broken);
    }

    [Theory]
    [InlineData(46.8, null)]
    [InlineData(-46.8, 7)]
    [InlineData(3, null)]
    public void A_record_of_the_other_hemisphere_is_noticed(double latitude, int? warmest) =>
        Assert.Equal(warmest, WinterRuns.WrongHemisphere(Weathers.Record, latitude));

    [Fact]
    public void In_the_south_the_same_winter_half_a_year_later_says_the_same()
    {
        // the record moved by 184 days, from 1 July to the first day of the southern year that stands for it
        var south = Weathers.Record.Select(d => d with { Date = d.Date.AddDays(-181) }).ToList();
        var runs = new WinterRuns(south, -46.8, ContainerParameters.Of(ContainerPreset.Jug4), Weathers.CapOff, new(2026, 5, 4));
        var north = Runs.For(Penstemon, [new(2026, 12, 27)]).Dates[0];
        var there = runs.For(Penstemon, [new DateOnly(2026, 12, 27).AddDays(-181)]).Dates[0];
        // the sun stands a little otherwise, so nearly the same
        Assert.Equal(north.ChillMetShare, there.ChillMetShare, 0.1);
        Assert.Equal(north.Emergence!.P50Offset, there.Emergence!.P50Offset, 6.0);
    }

    private static List<DailyTemperature> Seattle() =>
        [
            .. File.ReadLines(OpenData.Find("seattle-weather.csv"))
                .Skip(1)
                .Select(l => l.Split(','))
                .Select(c => new DailyTemperature(
                    DateOnly.ParseExact(c[0], "yyyy-MM-dd", CultureInfo.InvariantCulture),
                    double.Parse(c[3], CultureInfo.InvariantCulture),
                    double.Parse(c[2], CultureInfo.InvariantCulture)
                )),
        ];
}
