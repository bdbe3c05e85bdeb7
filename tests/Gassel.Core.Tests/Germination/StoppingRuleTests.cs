using Gassel.Core.Climate;
using Gassel.Core.Germination;
using Gassel.Core.Treatments;

namespace Gassel.Core.Tests.Germination;

/// <summary>The patience is common practice, no source.</summary>
public class StoppingRuleTests
{
    private static readonly SowingContext Plain = new(10, 40, DormancyClass.Physiological, null, [], false, null, 1, []);

    private static AdviceKind Advise(SeedlingCount[] counts, SowingContext context, int sown = 60) =>
        GerminationResult.From(sown, counts, context: context).Advice!.Kind;

    [Fact]
    public void Nothing_up_on_day_nine_of_ten_to_forty_is_patience() => Assert.Equal(AdviceKind.Wait, Advise([new(9, 0)], Plain));

    [Fact]
    public void Rot_on_record_ends_the_patience_inside_the_window() =>
        Assert.NotEqual(AdviceKind.Wait, Advise([new(15, 0), new(20, 0)], Plain with { RotSeen = true }));

    [Theory]
    [InlineData(DormancyClass.Morphophysiological)]
    [InlineData(DormancyClass.Physical)]
    [InlineData(DormancyClass.Combinational)]
    public void Slow_classes_are_not_closed_before_their_second_spring(DormancyClass dormancy)
    {
        Assert.Equal(AdviceKind.KeepToNextSpring, Advise([new(60, 0)], Plain with { DormancyClass = dormancy, CutTest = new(0, 9, 1) }));
        Assert.Equal(
            AdviceKind.Close,
            Advise([new(60, 0)], Plain with { DormancyClass = dormancy, CutTest = new(0, 9, 1), SpringsPassed = 2 })
        );
    }

    /// <summary>Counted on a calendar; a spring in the south is over at the new year.</summary>
    [Theory]
    [InlineData("2027-03-01", "2027-06-30", 46, 0)]
    [InlineData("2027-03-01", "2027-07-01", 46, 1)]
    [InlineData("2026-11-01", "2028-07-01", 46, 2)]
    [InlineData("2027-07-15", "2028-06-30", 46, 0)]
    [InlineData("2027-08-01", "2027-12-31", -46, 0)]
    [InlineData("2027-08-01", "2028-01-01", -46, 1)]
    public void Springs_are_counted_by_hemisphere(string sown, string today, double latitude, int springs) =>
        Assert.Equal(springs, Springs.Passed(DateOnly.ParseExact(sown, "yyyy-MM-dd"), DateOnly.ParseExact(today, "yyyy-MM-dd"), latitude));

    [Fact]
    public void Deep_and_root_first_seed_is_kept_too()
    {
        Assert.Equal(AdviceKind.KeepToNextSpring, Advise([new(60, 0)], Plain with { Depth = DormancyDepth.Deep }));
        Assert.Equal(AdviceKind.KeepToNextSpring, Advise([new(60, 0)], Plain with { Flags = [SpeciesFlag.RootBeforeShoot] }));
    }

    [Fact]
    public void A_cut_test_is_asked_for_before_closing()
    {
        var advice = GerminationResult.From(60, [new(60, 0)], context: Plain with { DormancyClass = DormancyClass.None }).Advice!;
        Assert.Equal(AdviceKind.Close, advice.Kind);
        Assert.True(advice.CutTestFirst);
        Assert.Equal(AdviceKind.SecondCold, Advise([new(60, 0)], Plain with { CutTest = new(8, 2, 0) }));
    }

    [Fact]
    public void What_remains_comes_from_the_own_curve_and_shrinks_to_nothing()
    {
        var advice = GerminationResult.From(60, GerminationIndicesTests.Irregular, context: Plain with { WindowLongestDays = 30 }).Advice!;
        var curve = EmergenceCurveFit.Fit(60, GerminationIndicesTests.Irregular).Curve!;
        var chance = (curve.At(49) - curve.At(35)) / (1 - curve.At(35));
        Assert.Equal(23 * chance, advice.Remaining!.Value.Expected, 9);
        Assert.Equal(1 - Math.Pow(1 - chance, 23), advice.Remaining.Value.ProbabilityOfAny, 9);
        Assert.Equal(AdviceKind.Enough, advice.Kind);
    }

    [Fact]
    public void Without_a_curve_past_batches_stand_in()
    {
        var advice = GerminationResult.From(60, [new(41, 0)], context: Plain with { PastBatches = [new(0.6, 48, 6)] }).Advice!;
        Assert.Equal(AdviceKind.Wait, advice.Kind);
        Assert.True(advice.Remaining!.Value.ProbabilityOfAny > 0.9);
    }
}
