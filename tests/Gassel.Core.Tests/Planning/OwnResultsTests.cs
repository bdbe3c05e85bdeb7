using Gassel.Core.Fold;
using Gassel.Core.Germination;
using Gassel.Core.Planning;
using Gassel.Core.Record;

namespace Gassel.Core.Tests.Planning;

/// <summary>Counted by hand on batches of the test book.</summary>
public class OwnResultsTests
{
    [Fact]
    public void What_was_never_counted_is_unknown_and_teaches_nothing()
    {
        var plan = Book.Plan();
        var told = Book.SownBalsamroot().Fold();
        Assert.Null(OwnResults.Of(plan, told, "x", new(2028, 1, 1)));
        Assert.Equal(Counted.Never, SeedCounted.Of(plan, told));
        // a count that found nothing is a count
        Assert.Equal(
            0,
            OwnResults.Of(plan, Book.SownBalsamroot().Add("2027-06-01", new Count("1", 0, 0)).Fold(), "x", new(2028, 1, 1))!.Germinated
        );
    }

    [Fact]
    public void What_was_counted_while_more_could_come_is_a_lower_bound_and_not_pooled()
    {
        var plan = Book.Plan();
        var sown = Book.SownBalsamroot().Fold().Parts[0].SownOn!.Value;
        var longest = plan.Steps[plan.GerminateStep!.Value].Step.Days.Longest;
        OwnResult Counted_on(DateOnly day) =>
            OwnResults.Of(plan, Book.SownBalsamroot().Add(day, new Count("1", 21, 0)).Fold(), "x", new(2028, 1, 1))!;
        Assert.True(Counted_on(sown.AddDays(longest - 1)).AtLeast);
        Assert.False(Counted_on(sown.AddDays(longest)).AtLeast);
        Assert.Null(OwnResults.Expect([Counted_on(sown.AddDays(5))], "x", plan.Route.Id, 81, 0, 60, 1).Plants);
    }

    private static readonly OwnResult[] Own =
    [
        new("globemallow", "hot", 78, 120, 30),
        new("globemallow", "hot", 43, 72, 33),
        new("globemallow", "hot", 27, 60, 14),
        new("balsamroot", "hot", 1, 60, 30),
    ];

    [Fact]
    public void Batches_with_a_cold_like_it_speak_and_others_do_not()
    {
        var usual = OwnResults.Expect(Own, "globemallow", "hot", 30, 0, 96, 0.85);
        // (78 + 43) ÷ 192 × 96 × 0.85
        Assert.Equal(51.425, usual.Plants!.Value, 9);
        Assert.Contains("121 of 192", usual.Why);
        Assert.Equal(27 / 60.0 * 96 * 0.85, OwnResults.Expect(Own, "globemallow", "hot", 12, 0, 96, 0.85).Plants!.Value, 9);
    }

    [Fact]
    public void What_nobody_tried_is_unknown_and_below_the_shortest_few_are_expected()
    {
        Assert.Null(OwnResults.Expect(Own, "globemallow", "fridge", 30, 0, 96, 0.85).Plants);
        Assert.Null(OwnResults.Expect(Own, "globemallow", "hot", 60, 0, 96, 0.85).Plants);
        Assert.Contains("expect few", OwnResults.Expect(Own, "balsamroot", "hot", 50, 60, 96, 0.85).Why);
    }

    [Fact]
    public void A_batch_speaks_when_its_emergence_is_over()
    {
        var plan = Book.Plan();
        var state = Book.SownBalsamroot().Add("2027-03-10", new Count("1", 21, 0)).Fold();
        var sown = state.Parts[0].SownOn!.Value;
        var longest = plan.Steps[plan.GerminateStep!.Value].Step.Days.Longest;
        Assert.Null(OwnResults.Of(plan, state, "x", sown.AddDays(longest - 1)));
        var result = OwnResults.Of(plan, state, "x", sown.AddDays(longest))!;
        Assert.Equal((state.Germinated, state.SeedsStarted), (result.Germinated, result.Seeds));
        Assert.Equal(sown.DayNumber - state.Parts[0].Spans[0].Start.DayNumber, result.ColdDays);
    }

    /// <summary>The mean of the line times seeds times survival, between its points by proportion; nothing beyond its ends.</summary>
    [Fact]
    public void Where_no_batch_had_a_cold_like_it_the_line_through_all_of_them_speaks()
    {
        ColdLine line = new([new(30, 0.2, 0.1, 0.3), new(60, 0.6, 0.4, 0.8)], 7);
        var between = OwnResults.Expect([], "balsamroot", "fridge", 45, 60, 100, 0.5, line);
        Assert.Equal(100 * 0.4 * 0.5, between.Plants!.Value, 9);
        Assert.Contains("7 batches of your own", between.Why.Said(), StringComparison.Ordinal);
        Assert.Null(OwnResults.Expect([], "balsamroot", "fridge", 61, 60, 100, 0.5, line).Plants);
        Assert.Null(OwnResults.Expect([], "balsamroot", "fridge", 45, 60, 100, 0.5).Plants);
    }
}
