using Gassel.Core.Climate;
using Gassel.Core.Growing;

namespace Gassel.Core.Tests.Growing;

/// <summary>Cold towards flowering counted back from planting out; the durations are common practice, no source.</summary>
public class VernalizationPlanTests
{
    private static readonly DateOnly PlantOut = new(2027, 5, 20);

    private static VernalizationPlan Plan(
        string today,
        bool sown = false,
        IReadOnlyList<DailyTemperature>? record = null,
        VernalizationKind kind = VernalizationKind.GardenKind
    ) => VernalizationPlan.Of(kind, PlantOut, DateOnly.ParseExact(today, "yyyy-MM-dd"), sown, 10, record ?? []);

    [Fact]
    public void Both_is_best_and_is_counted_back_by_hand()
    {
        var plan = Plan("2027-02-01");
        Assert.Equal(VernalizationWay.Both, plan.Chosen);
        var spells = plan.Options[0].Spells;
        // sown ten weeks before, a fortnight of cold before that; plants a fortnight in the cool, until planting out
        Assert.Equal((new DateOnly(2027, 2, 25), new DateOnly(2027, 3, 11)), (spells[0].From, spells[0].To));
        Assert.Equal((new DateOnly(2027, 5, 6), PlantOut), (spells[1].From, spells[1].To));
    }

    /// <summary>Last frost 15 May, planted at it: the worked example of the trade (common practice, no source).</summary>
    [Fact]
    public void The_example_of_the_trade_comes_out_to_the_day()
    {
        var spells = VernalizationPlan
            .Of(VernalizationKind.GardenKind, new(2027, 5, 15), new(2027, 1, 10), isSown: false, weeksToPlant: 10, [])
            .Options[0]
            .Spells;
        Assert.Equal((new DateOnly(2027, 2, 20), new DateOnly(2027, 3, 6)), (spells[0].From, spells[0].To));
        Assert.Equal((new DateOnly(2027, 5, 1), new DateOnly(2027, 5, 15)), (spells[1].From, spells[1].To));
    }

    [Fact]
    public void A_late_starter_does_the_plants_alone_and_reads_what_that_risks()
    {
        var late = Plan("2027-03-14");
        Assert.Equal(VernalizationWay.PlantsAlone, late.Chosen);
        Assert.Contains("not known from own results", late.Options[2].Risk, StringComparison.Ordinal);
        Assert.Contains("not known without a weather record", late.Options[2].Risk, StringComparison.Ordinal);
        Assert.Equal(VernalizationWay.PlantsAlone, Plan("2027-02-01", sown: true).Chosen);
        // ten days must be left before planting out
        Assert.Equal(VernalizationWay.PlantsAlone, Plan("2027-05-10").Chosen);
        Assert.Null(Plan("2027-05-11").Chosen);
        Assert.StartsWith("Too late", Plan("2027-05-11").Words, StringComparison.Ordinal);
    }

    /// <summary>
    /// Twenty springs: 2 to 6 °C, but every fourth has a frosty night in the spell and every fifth two hot days after it.
    /// </summary>
    private static List<DailyTemperature> Springs() =>
        [
            .. Enumerable
                .Range(0, 20)
                .SelectMany(y =>
                    Enumerable
                        .Range(0, 365)
                        .Select(i => new DateOnly(2001 + y, 1, 1).AddDays(i))
                        .Select(d =>
                            d is { Month: 5, Day: 10 } && y % 4 == 0 ? new DailyTemperature(d, -8, -2)
                            : d is { Month: 5, Day: 22 or 23 } && y % 5 == 0 ? new(d, 12, 28)
                            : new(d, 2, 6)
                        )
                ),
        ];

    [Fact]
    public void The_years_on_record_say_how_often_frost_comes_and_heat_undoes_it()
    {
        var years = Plan("2027-02-01", record: Springs()).Options[0].Record!;
        Assert.Equal((20, 0.25, 0.2, 1.0), (years.Years, years.FrostShare, years.HeatShare, years.EnoughShare));
        // thirteen days where one of the fourteen froze
        Assert.Equal((13.0, 14.0), (Math.Round(years.EffectiveLow, 6), Math.Round(years.EffectiveMedian, 6)));
    }

    [Fact]
    public void Few_years_say_nothing_of_a_risk() =>
        Assert.Null(Plan("2027-02-01", record: [.. Springs().Where(d => d.Date.Year < 2010)]).Options[0].Record);

    [Fact]
    public void A_rosette_wants_eight_weeks_and_a_late_one_says_how_many_are_left()
    {
        Assert.Equal(new DateOnly(2027, 3, 11), Plan("2027-02-01", kind: VernalizationKind.WildRosette).Options[0].Spells[0].From);
        var late = Plan("2027-03-20", kind: VernalizationKind.WildRosette);
        Assert.Equal(VernalizationWay.PlantsAlone, late.Chosen);
        Assert.Contains("61 days are left of 70", late.Options[0].Risk, StringComparison.Ordinal);
        Assert.Null(Plan("2027-04-01", kind: VernalizationKind.WildRosette).Chosen);
    }
}
