using Gassel.Core.Climate;
using Gassel.Core.Growing;

namespace Gassel.Core.Tests.Growing;

/// <summary>Cold towards flowering, counted apart from cold that breaks dormancy.</summary>
public class VernalizationTests
{
    private static readonly DateOnly Start = new(2027, 4, 1);

    private static List<TemperatureDay> Days(params (int Count, double MinC, double MaxC)[] spells)
    {
        var days = new List<TemperatureDay>();
        foreach (var (count, min, max) in spells)
        {
            for (var i = 0; i < count; i++)
                days.Add(TemperatureDay.FromRange(Start.AddDays(days.Count), min, max, VernalizationNeed.Response));
        }
        return days;
    }

    [Fact]
    public void Ten_days_between_one_and_seven_are_ten_effective_days_and_enough_for_a_garden_kind()
    {
        var done = Vernalization.Of(VernalizationNeed.Garden, Days((12, 2, 6)), null);
        Assert.Equal(12, done.EffectiveDays, 9);
        Assert.Equal(Start.AddDays(9), done.MetOn);
        Assert.Empty(done.Frosts);
    }

    /// <summary>At 10.5 °C the response from 7 to 14 is at its half.</summary>
    [Fact]
    public void Warmer_days_count_by_the_response() =>
        Assert.Equal(5, Vernalization.Of(VernalizationNeed.Garden, Days((10, 10.5, 10.5)), null).EffectiveDays, 9);

    [Fact]
    public void Frost_adds_nothing_and_is_reported_as_injury()
    {
        var frosted = Vernalization.Of(VernalizationNeed.Garden, Days((5, 2, 6), (3, -6, -2), (5, 2, 6)), null);
        Assert.Equal(10, frosted.EffectiveDays, 9);
        Assert.Equal(3, frosted.Frosts.Count);
        Assert.Contains("may have hurt the leaves", frosted.Words, StringComparison.Ordinal);
    }

    [Fact]
    public void Two_hot_days_soon_after_a_short_treatment_may_undo_it_and_one_does_not()
    {
        var undone = Vernalization.Of(VernalizationNeed.Garden, Days((12, 2, 6), (3, 14, 24), (2, 18, 29)), Start.AddDays(12));
        Assert.Equal(12, undone.Undone, 9);
        Assert.Contains("may have undone", undone.Words, StringComparison.Ordinal);
        Assert.Equal(0, Vernalization.Of(VernalizationNeed.Garden, Days((12, 2, 6), (3, 14, 24), (1, 18, 29)), Start.AddDays(12)).Undone);
        // three weeks later is no longer soon, and a rosette's winter is not short
        Assert.Equal(0, Vernalization.Of(VernalizationNeed.Garden, Days((12, 2, 6), (20, 14, 24), (3, 18, 29)), Start.AddDays(12)).Undone);
        Assert.Equal(0, Vernalization.Of(VernalizationNeed.Rosette, Days((60, 2, 6), (3, 18, 29)), Start.AddDays(60)).Undone);
    }

    [Fact]
    public void A_rosette_needs_eight_weeks()
    {
        var so = Vernalization.Of(VernalizationNeed.Rosette, Days((50, 2, 6)), null);
        Assert.Null(so.MetOn);
        Assert.Contains("50.0 of at least 56 effective days: 6.0 still missing", so.Words, StringComparison.Ordinal);
        Assert.Equal(Start.AddDays(55), Vernalization.Of(VernalizationNeed.Rosette, Days((60, 2, 6)), null).MetOn);
    }
}
