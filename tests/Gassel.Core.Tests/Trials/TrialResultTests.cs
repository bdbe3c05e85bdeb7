using Gassel.Core.Trials;

namespace Gassel.Core.Tests.Trials;

/// <summary>
/// A trial in one honest sentence. The numbers in it are those of ComparisonTests and EmergenceTimesTests, which are held against R.
/// </summary>
public class TrialResultTests
{
    private static ArmCount Arm(string name, bool control, params (int Up, int Of)[] replicates) =>
        new(
            name,
            control,
            [
                .. replicates.Select(
                    (r, i) =>
                        new ReplicateCount($"{name} {i + 1}", r.Up, r.Of, r.Up > 0 ? [new(7, r.Up / 2), new(10, r.Up - (r.Up / 2))] : [])
                ),
            ]
        );

    /// <summary>
    /// 4 of 8 is 50 % and 6 of 8 is 75 %, and eight seeds cannot tell them apart, Fisher exact p about 0.61 (common practice; R).
    /// </summary>
    [Fact]
    public void Eight_seeds_each_cannot_tell_them_apart()
    {
        var result = TrialResult.Of([Arm("not chilled", true, (4, 8)), Arm("chilled", false, (6, 8))], false, null)!;
        Assert.StartsWith(
            "Eight seeds each cannot tell chilled and not chilled apart: 75 % and 50 %",
            result.Sentence,
            StringComparison.Ordinal
        );
        Assert.Contains(result.Working, w => w.Contains("p 0.608", StringComparison.Ordinal));
    }

    [Fact]
    public void A_clear_difference_is_said_with_its_interval()
    {
        var result = TrialResult.Of([Arm("not chilled", true, (9, 24)), Arm("chilled", false, (18, 24))], false, null)!;
        Assert.Equal(
            "Chilled came up more than not chilled: 75 % and 38 %, 38 points more (between 9 and 58). This is unlikely to be chance.",
            result.Sentence
        );
        var turned = TrialResult.Of([Arm("not chilled", true, (18, 24)), Arm("chilled", false, (9, 24))], false, null)!;
        Assert.Contains(
            "came up less than not chilled: 38 % and 75 %, 38 points less (between 9 and 58)",
            turned.Sentence,
            StringComparison.Ordinal
        );
    }

    [Fact]
    public void Vessels_that_do_not_agree_are_not_taken_together()
    {
        var result = TrialResult.Of([Arm("control", true, (2, 20), (16, 20)), Arm("deep", false, (9, 20), (10, 20))], false, null)!;
        Assert.False(result.IsPooled);
        Assert.Contains("do not agree: control (10 %, 80 %", result.Sentence, StringComparison.Ordinal);
        Assert.DoesNotContain("points", result.Sentence, StringComparison.Ordinal);
    }

    /// <summary>Orobanche aegyptiaca 75 in bean extract: five plates that do not agree, p 0.0447 in R.</summary>
    [Fact]
    public void Plates_of_one_kind_may_disagree() =>
        Assert.False(
            TrialResult
                .Of(
                    [Arm("bean", true, (10, 39), (23, 62), (23, 81), (26, 51), (17, 39)), Arm("cucumber", false, (53, 74), (55, 72))],
                    false,
                    null
                )!
                .IsPooled
        );

    [Fact]
    public void One_vessel_an_arm_is_said() =>
        Assert.EndsWith(
            "vessel and treatment cannot be told apart.",
            TrialResult.Of([Arm("a", true, (9, 24)), Arm("b", false, (18, 24))], true, null)!.Sentence,
            StringComparison.Ordinal
        );

    [Fact]
    public void A_trial_that_runs_says_until_when() =>
        Assert.StartsWith(
            "Not over: seedlings are expected until",
            TrialResult.Of([Arm("a", true, (9, 24)), Arm("b", false, (18, 24))], false, new(2027, 4, 2))!.Sentence,
            StringComparison.Ordinal
        );

    [Fact]
    public void Nothing_up_compares_nothing_and_nothing_sown_is_no_result()
    {
        Assert.Contains(
            "nothing to compare",
            TrialResult.Of([Arm("a", true, (0, 24)), Arm("b", false, (0, 24))], false, null)!.Sentence,
            StringComparison.Ordinal
        );
        Assert.Null(TrialResult.Of([Arm("a", true, (0, 0)), Arm("b", false, (0, 24))], false, null));
    }

    [Fact]
    public void Three_arms_are_held_against_the_control_over_all_pairs()
    {
        var result = TrialResult.Of(
            [Arm("control", true, (9, 24)), Arm("cold", false, (18, 24)), Arm("soak", false, (10, 24))],
            false,
            null
        )!;
        // 0.0189 alone; three pairs make it 0.0568, and no difference any more
        Assert.Contains("24 seeds each cannot tell cold and control apart", result.Sentence, StringComparison.Ordinal);
        Assert.Equal(2, result.Times.Count);
    }
}
