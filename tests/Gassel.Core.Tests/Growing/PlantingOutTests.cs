using Gassel.Core.Climate;
using Gassel.Core.Fold;
using Gassel.Core.Growing;
using Gassel.Core.Record;
using Gassel.Core.Treatments;

namespace Gassel.Core.Tests.Growing;

/// <summary>
/// When plants may go into the ground, and what is left over. Autumn planting 4 to 8 weeks before the ground freezes: common practice, no
/// source.
/// </summary>
public class PlantingOutTests
{
    /// <summary>Twenty springs whose last nights at −4 °C fall on 1 April to 20 April, and at 0 °C twenty days later.</summary>
    private static readonly FrostOutlook Outlook = FrostOutlook.From(
        [
            .. Enumerable
                .Range(0, 20)
                .SelectMany(y =>
                    Enumerable
                        .Range(0, 365)
                        .Select(i => new DateOnly(2001 + y, 1, 1).AddDays(i))
                        .Select(d =>
                        {
                            DateOnly hard = new DateOnly(2001 + y, 4, 1).AddDays(y),
                                light = hard.AddDays(20);
                            return new DailyTemperature(
                                d,
                                d == hard ? -5
                                    : d == light ? -1
                                    : 5,
                                15
                            );
                        })
                ),
        ],
        46.8
    );

    private static PlantingOut On(
        string day,
        SeedlingHardiness hardiness = SeedlingHardiness.Hardy,
        double risk = 0.1,
        string? freeze = "11-20",
        bool record = true
    ) => PlantingOut.Of(hardiness, record ? Outlook : null, "05-08", freeze, risk, DateOnly.ParseExact(day, "yyyy-MM-dd"));

    [Fact]
    public void Spring_is_open_once_frost_that_kills_is_as_rare_as_accepted()
    {
        // of twenty springs two (10 %) had −4 °C after 18 April
        Assert.Equal(new DateOnly(2027, 4, 18), On("2027-03-14").SpringFrom);
        Assert.Equal(new DateOnly(2027, 4, 10), On("2027-03-14", risk: 0.5).SpringFrom);
        Assert.Equal(new DateOnly(2027, 5, 8), On("2027-03-14", SeedlingHardiness.Tender).SpringFrom);
        Assert.Equal(PlantingSeason.TooEarly, On("2027-03-14").Season);
    }

    [Theory]
    [InlineData("2027-04-17", PlantingSeason.TooEarly)]
    [InlineData("2027-04-18", PlantingSeason.Spring)]
    [InlineData("2027-07-20", PlantingSeason.Summer)]
    [InlineData("2027-09-24", PlantingSeason.Summer)]
    [InlineData("2027-09-25", PlantingSeason.Autumn)]
    [InlineData("2027-10-23", PlantingSeason.Autumn)]
    [InlineData("2027-10-24", PlantingSeason.TooLate)]
    [InlineData("2027-11-10", PlantingSeason.TooLate)]
    [InlineData("2027-12-20", PlantingSeason.TooEarly)]
    public void The_year_goes_through_its_planting_seasons(string day, PlantingSeason season)
    {
        var planting = On(day);
        Assert.Equal(season, planting.Season);
        Assert.Equal(season is PlantingSeason.TooEarly or PlantingSeason.TooLate ? planting.SpringFrom : null, planting.Opens);
        if (season is PlantingSeason.TooLate or PlantingSeason.TooEarly)
            Assert.True(planting.SpringFrom > DateOnly.ParseExact(day, "yyyy-MM-dd"));
    }

    [Fact]
    public void Without_a_record_the_day_by_hand_stays_and_no_risk_is_claimed()
    {
        var byHand = On("2027-03-14", record: false, freeze: null);
        Assert.Equal((new DateOnly(2027, 5, 8), null), (byHand.SpringFrom, byHand.AutumnFrom));
        Assert.Contains("the risk is not known", byHand.Working[0], StringComparison.Ordinal);
        Assert.Contains("not known", byHand.Working[1], StringComparison.Ordinal);
    }

    /// <summary>
    /// Where no spring had frost that kills, spring is taken to begin in the month in which it does on that half of the earth.
    /// </summary>
    [Theory]
    [InlineData(46.8, "2027-03-01")]
    [InlineData(-41, "2026-09-01")]
    public void Without_killing_frost_on_record_spring_begins_with_its_month(double latitude, string from)
    {
        var mild = FrostOutlook.From(
            [.. Enumerable.Range(0, 12 * 366).Select(i => new DailyTemperature(new DateOnly(2001, 1, 1).AddDays(i), 5, 15))],
            latitude
        );
        var planting = PlantingOut.Of(SeedlingHardiness.Hardy, mild, null, null, 0.1, new(2027, 1, 15), latitude < 0);
        Assert.Equal(DateOnly.ParseExact(from, "yyyy-MM-dd"), planting.SpringFrom);
    }

    [Fact]
    public void A_day_of_the_year_that_some_years_lack_falls_on_the_28th()
    {
        Assert.Equal(new DateOnly(2027, 2, 28), YearDay.Next("02-29", new(2027, 1, 1)));
        Assert.Equal(new DateOnly(2028, 2, 29), YearDay.Next("02-29", new(2027, 3, 1)));
        Assert.Equal(new DateOnly(2027, 5, 8), YearDay.Next("05-08", new(2027, 5, 8)));
    }

    private static PlantTally Tally(int potted, int planted) =>
        new(
            potted + planted,
            [
                .. PlantStages.All.Select(s => new StageCount(
                    s,
                    s switch
                    {
                        PlantStage.Potted => potted,
                        PlantStage.Planted => planted,
                        _ => 0,
                    },
                    0,
                    0,
                    s == PlantStage.Planted ? planted : potted + planted
                )),
            ],
            []
        );

    [Fact]
    public void What_stands_beyond_the_wish_is_left_over()
    {
        Assert.Null(LeftOver.Of(Tally(20, 0), 30));
        Assert.Equal("10 planted of 30 wanted; the other 20 are wanted too.", LeftOver.Of(Tally(20, 10), 30)!.Words);
        Assert.Equal("28 planted of 30 wanted; of the other 20, 18 are left over.", LeftOver.Of(Tally(20, 28), 30)!.Words);
        Assert.Equal("33 planted of 30 wanted; none is left.", LeftOver.Of(Tally(0, 33), 30)!.Words);
    }
}
