using Gassel.Core.Germination;
using Gassel.Core.Treatments;

namespace Gassel.Core.Tests.Germination;

/// <summary>Advice goes by today, and nothing is told of days on which nobody looked. The limits are our assumption.</summary>
public class HonestTimesTests
{
    private static readonly SowingContext Plain = new(10, 40, DormancyClass.Physiological, null, [], false, null, 1, []);

    private static GerminationResult Of(SeedlingCount[] counts, SowingContext? context = null, int sown = 60) =>
        GerminationResult.From(sown, counts, context: context);

    [Fact]
    public void A_first_count_that_finds_most_bounds_the_half_and_gives_no_mean()
    {
        var once = Of([new(27, 13)]).Times;
        Assert.Equal((null, 27.0, null), (once.Half, once.HalfBefore, once.Mean));
        // the calculator keeps to the published definition
        Assert.Equal(13.5, Of([new(27, 13)]).Indices.T50Farooq);
    }

    [Fact]
    public void A_zero_count_before_makes_the_line_honest()
    {
        var watched = Of([new(12, 0), new(16, 8), new(20, 4)]).Times;
        Assert.Equal(15, watched.Half!.Value, 9);
        Assert.NotNull(watched.Mean);
    }

    [Fact]
    public void A_few_at_the_first_count_move_neither_half_nor_mean()
    {
        var times = Of([new(12, 1), new(16, 9), new(20, 10)]).Times;
        Assert.NotNull(times.Half);
        Assert.NotNull(times.Mean);
        Assert.Contains("1 of the 20", times.Working[0]);
    }

    [Fact]
    public void Long_after_the_last_count_the_first_thing_said_is_to_count()
    {
        var advice = Of([new(14, 2), new(18, 4), new(22, 3), new(26, 0)], Plain with { DayNow = 137 }).Advice!;
        Assert.Equal(AdviceKind.CountFirst, advice.Kind);
        Assert.Contains(advice.Working, l => l.Contains("111 days ago", StringComparison.Ordinal));
        // the curve has run out by then
        Assert.True(advice.Remaining!.Value.Expected < 0.5);
        Assert.Equal(AdviceKind.CountFirst, Of([], Plain with { DayNow = 77 }).Advice!.Kind);
    }

    [Fact]
    public void Before_anything_can_be_up_the_answer_is_when_to_look()
    {
        Assert.Equal(10, Of([], Plain with { DayNow = 0 }).LookFrom);
        Assert.Equal(AdviceKind.Wait, Of([], Plain with { DayNow = 0 }).Advice!.Kind);
        Assert.Null(Of([], Plain with { DayNow = 10 }).LookFrom);
        Assert.Null(Of([new(5, 1)], Plain with { DayNow = 6 }).LookFrom);
    }

    [Fact]
    public void Dead_seed_ends_the_patience_only_where_little_more_is_expected()
    {
        // coming up fast: rot in a corner is no end
        Assert.Equal(
            AdviceKind.Wait,
            Of([new(10, 4), new(13, 9), new(16, 12), new(19, 8)], Plain with { RotSeen = true, DayNow = 19 }).Advice!.Kind
        );
        Assert.NotEqual(AdviceKind.Wait, Of([new(12, 0), new(16, 0)], Plain with { RotSeen = true, DayNow = 16 }).Advice!.Kind);
    }

    /// <summary>
    /// A year after the last seedling the chance of another is below what a number can tell from none; the draw must end all the same.
    /// </summary>
    [Fact]
    public void Long_after_everything_came_up_nothing_remains()
    {
        var remaining = Of(
            [new(7, 2), new(10, 9), new(14, 14), new(17, 6), new(21, 5)],
            Plain with
            {
                DayNow = 470,
            }
        ).Advice!.Remaining!.Value;
        Assert.Equal(0, remaining.High);
    }

    [Fact]
    public void What_remains_has_an_interval_that_holds_its_number()
    {
        var remaining = Of(
            [new(7, 2), new(10, 9), new(14, 14), new(17, 6), new(21, 5)],
            Plain with
            {
                DayNow = 21,
            }
        ).Advice!.Remaining!.Value;
        Assert.True(remaining.Low <= remaining.Expected && remaining.Expected <= remaining.High, $"{remaining}");
    }
}
