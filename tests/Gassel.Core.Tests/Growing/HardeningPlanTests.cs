using Gassel.Core.Climate;
using Gassel.Core.Growing;

namespace Gassel.Core.Tests.Growing;

/// <summary>Hardening off and planting sizes; common practice, no source.</summary>
public class HardeningPlanTests
{
    private static readonly DateOnly Start = new(2027, 5, 1);

    private static Dictionary<DateOnly, YardDay> Outlook(params (int Day, double MinC, double Gust)[] days) =>
        days.ToDictionary(
            d => Start.AddDays(d.Day),
            d => new YardDay(Start.AddDays(d.Day), d.MinC, 18, 0, false, d.Gust, YardDaySource.Outlook)
        );

    private static HardeningPlan Plan(
        int days = 7,
        bool tender = false,
        Dictionary<DateOnly, YardDay>? outlook = null,
        params int[] skipped
    ) => HardeningPlan.Of(Start, days, tender, outlook ?? [], skipped.Select(d => Start.AddDays(d)).ToHashSet());

    [Theory]
    [InlineData(7)]
    [InlineData(10)]
    [InlineData(14)]
    public void In_fair_weather_it_takes_its_days_and_each_is_longer(int days)
    {
        var plan = Plan(days);
        Assert.Equal(days, plan.Days.Count);
        Assert.Equal(Start.AddDays(days), plan.ReadyOn);
        Assert.InRange(plan.Days[0].HoursOut, 1, 2);
        Assert.Equal(24, plan.Days[^1].HoursOut);
        Assert.All(plan.Days.Zip(plan.Days.Skip(1)), p => Assert.True(p.Second.HoursOut >= p.First.HoursOut));
        Assert.Contains("shade", plan.Days[0].Words.Said(), StringComparison.Ordinal);
        Assert.Contains("full sun", plan.Days[^1].Words.Said(), StringComparison.Ordinal);
    }

    [Fact]
    public void A_frosty_night_that_was_to_be_out_has_them_in_and_moves_the_end()
    {
        var plan = Plan(outlook: Outlook((6, -3, 10), (7, -3, 10)));
        Assert.Equal(HardeningDayKind.InTonight, plan.Days[5].Kind);
        Assert.Contains("−3 °C", plan.Days[5].Words.Said(), StringComparison.Ordinal);
        // the nights before days 6 and 7: two nights in
        Assert.Equal(Start.AddDays(9), plan.ReadyOn);
        // by day only, a frosty night costs nothing: they are in anyway
        Assert.Equal(Start.AddDays(7), Plan(outlook: Outlook((1, -3, 10), (2, -3, 10))).ReadyOn);
    }

    [Fact]
    public void A_day_of_hard_frost_waits_and_moves_the_end()
    {
        var winter = Enumerable
            .Range(0, 4)
            .ToDictionary(d => Start.AddDays(d), d => new YardDay(Start.AddDays(d), -12, -1, 0, false, 5, YardDaySource.Outlook));
        var plan = HardeningPlan.Of(Start, 7, false, winter, new HashSet<DateOnly>());
        Assert.All(plan.Days.Take(4), d => Assert.Equal((HardeningDayKind.Wait, 0), (d.Kind, d.HoursOut)));
        Assert.Equal(Start.AddDays(11), plan.ReadyOn);
    }

    [Fact]
    public void Without_an_outlook_the_rule_is_given_and_said_to_be_one()
    {
        var plan = Plan();
        Assert.All(plan.Days, d => Assert.False(d.WeatherKnown));
        Assert.All(plan.Days, d => Assert.Contains("No forecast: only above 3 °C by day", d.Words.Said(), StringComparison.Ordinal));
        Assert.Contains("and 0 °C at night", plan.Days[^1].Words.Said(), StringComparison.Ordinal);
        Assert.Contains("no forecast", plan.Working[^1], StringComparison.Ordinal);
        Assert.True(Plan(outlook: Outlook((0, 5, 5))).Days[0].WeatherKnown);
    }

    [Fact]
    public void Tender_plants_go_in_below_seven_and_hardy_ones_not()
    {
        var cool = Outlook((6, 4, 10), (7, 4, 10));
        Assert.Contains(Plan(tender: true, outlook: cool).Days, d => d.Kind == HardeningDayKind.InTonight);
        Assert.DoesNotContain(Plan(outlook: cool).Days, d => d.Kind == HardeningDayKind.InTonight);
    }

    /// <summary>Winter-sown containers open by degrees over a week instead: common practice, no source.</summary>
    [Fact]
    public void A_winter_sown_container_is_opened_by_degrees_and_shut_for_frost_and_wind()
    {
        var plan = HardeningPlan.Of(Start, 7, false, Outlook((1, 3, 60), (7, -4, 5), (8, 4, 5)), new HashSet<DateOnly>(), opened: true);
        Assert.StartsWith("Top open 2 h", plan.Days[0].Words.Said(), StringComparison.Ordinal);
        Assert.StartsWith("Keep it shut: gusts of 60 km/h", plan.Days[1].Words.Said(), StringComparison.Ordinal);
        Assert.StartsWith("Open by day; shut tonight: −4 °C", plan.Days[6].Words.Said(), StringComparison.Ordinal);
        Assert.StartsWith("Open day and night.", plan.Days[7].Words.Said(), StringComparison.Ordinal);
        Assert.DoesNotContain(plan.Days, d => d.Words.Contains("shade", StringComparison.Ordinal));
        // a day of wind and a night shut
        Assert.Equal(Start.AddDays(9), plan.ReadyOn);
    }

    [Fact]
    public void Wind_waits_and_a_skipped_day_moves_the_end()
    {
        var windy = Plan(outlook: Outlook((2, 8, 55)));
        Assert.Equal((HardeningDayKind.Wait, 0), (windy.Days[2].Kind, windy.Days[2].HoursOut));
        Assert.Equal(Start.AddDays(8), windy.ReadyOn);
        var skipped = Plan(skipped: [1, 3]);
        Assert.Equal(Start.AddDays(9), skipped.ReadyOn);
        Assert.Equal(7, skipped.Days.Count(d => d.Kind == HardeningDayKind.Out));
    }

    [Fact]
    public void A_pot_grows_by_a_finger_and_beyond_twenty_five_by_two()
    {
        var small = PotSize.After(9, 24);
        Assert.Equal((11.5, 14.0), (small.FromCm, small.ToCm));
        var large = PotSize.After(28, 1);
        Assert.Equal((33.0, 36.0), (large.FromCm, large.ToCm));
        // a frustum of 12.75 cm: π·h/3·(R² + R·r + r²) by hand
        Assert.Equal(1.324, small.Litres, 0.001);
        Assert.Equal(small.Litres * 24, small.MixLitres, 9);
    }

    /// <summary>
    /// The closest packing of equal circles covers π/√12 of the plane (Lagrange 1773), the square one π/4: staggered rows need √3/2 of the
    /// ground.
    /// </summary>
    [Fact]
    public void Staggered_rows_save_what_the_closest_packing_saves()
    {
        var ground = PlantSpacing.Of(100, 30);
        Assert.Equal(9, ground.SquareM2, 9);
        Assert.Equal(Math.PI / 4 / (Math.PI / Math.Sqrt(12)), ground.StaggeredM2 / ground.SquareM2, 12);
        Assert.Equal(11.111, ground.PerM2, 0.001);
    }

    [Fact]
    public void A_timer_from_five_to_twenty_one_is_sixteen_hours()
    {
        var day = LightDay.Of(new(new(5, 0), new(21, 0)), 80, 0.3);
        Assert.Equal((16.0, 8.0), (day.HoursOn, day.HoursDark));
        Assert.Equal(1.28, day.KWh, 9);
        Assert.Equal(0.384, day.Cost, 9);
        Assert.Empty(day.Doubts);
        Assert.Single(LightDay.Of(new(new(5, 0), new(23, 0)), 80, 0).Doubts);
        Assert.Single(LightDay.Of(new(new(8, 0), new(16, 0)), 80, 0).Doubts);
        // through midnight
        Assert.Equal(14, LightDay.Of(new(new(18, 0), new(8, 0)), 80, 0).HoursOn);
    }
}
