using Gassel.Core.Growing;
using Gassel.Core.Treatments;

namespace Gassel.Core.Tests.Growing;

/// <summary>Years in which kinds flower are common practice, no source.</summary>
public sealed class FloweringTests
{
    private const string Frost = "05-15";

    /// <summary>Black-eyed Susan sown eight to ten weeks before the last frost may flower in its first year.</summary>
    [Theory]
    [InlineData(10, "May flower in its first year, 2027: it is sown 10 weeks")]
    [InlineData(8, "May flower in its first year, 2027: it is sown 8 weeks")]
    [InlineData(7, "usually first flowers in its 2nd year, 2028, and dies. Not in its first")]
    [InlineData(-3, "Not in its first")]
    public void Sown_early_enough_it_may_flower_in_its_first_year(int weeks, string says)
    {
        var sown = new DateOnly(2027, 5, 15).AddDays(-7 * weeks);
        Assert.Contains(says, Flowering.Words(Book.Of("black-eyed-susan"), sown, sown.AddDays(12), Frost), StringComparison.Ordinal);
    }

    [Fact]
    public void Bloodroot_flowers_from_its_third_year_and_a_year_is_counted_from_coming_up()
    {
        var words = Flowering.Words(Book.Of("bloodroot"), new(2027, 11, 1), new(2028, 4, 1), Frost);
        Assert.Contains("in its 3rd year, 2030", words, StringComparison.Ordinal);
    }

    [Fact]
    public void An_annual_flowers_and_dies_and_what_nobody_entered_is_not_known()
    {
        var annual = Book.Of("blue-flax") with
        {
            Planted = Book.Of("blue-flax").Planted! with { Cycle = LifeCycle.Annual, FlowersInYear = 1 },
        };
        var sown = new DateOnly(2027, 4, 1);
        Assert.Equal("Annual: flowers in the year it comes up, 2027, and dies.", Flowering.Words(annual, sown, sown, null));
        Assert.Contains("Not known", Flowering.Words(annual with { Planted = null }, sown, sown, Frost), StringComparison.Ordinal);
    }

    [Fact]
    public void Without_a_last_frost_early_is_not_judged()
    {
        var sown = new DateOnly(2027, 3, 1);
        var words = Flowering.Words(Book.Of("blanketflower"), sown, sown, null);
        Assert.Contains("not entered", words, StringComparison.Ordinal);
        Assert.DoesNotContain("May flower", words, StringComparison.Ordinal);
    }
}
