using Gassel.Core.Germination;
using Gassel.Core.Treatments;
using MathNet.Numerics.Distributions;

namespace Gassel.Core.Tests.Germination;

/// <summary>What it takes to learn what cold does, against batches drawn with a known truth.</summary>
public class ColdTrialTests
{
    private static readonly DurationRange Cold = new(60, 90, 120);

    private static ColdTrial? For(params ColdBatch[] batches) =>
        ColdTrial.Cheapest(batches, Cold, ColdEffectFit.Fit(batches, [], null, null));

    [Fact]
    public void Batches_of_one_cold_want_others_with_less_and_enough_of_them()
    {
        var trial = For(new(90, 50, 30), new(91, 40, 22), new(88, 60, 39))!;
        Assert.Equal([30, 60], trial.Levels.Select(l => l.ColdDays).Where(d => d != 90).Order());
        Assert.True(trial.Levels.Sum(l => l.Batches) + 3 >= ColdEffectFit.LeastBatches);
        Assert.True(trial.IsEnough);
    }

    [Fact]
    public void The_more_alike_batches_are_the_fewer_it_takes()
    {
        ColdBatch[] alike = [new(30, 50, 24), new(60, 50, 26), new(90, 50, 25), new(30, 50, 25), new(90, 50, 26)];
        ColdBatch[] apart = [new(30, 50, 5), new(60, 50, 44), new(90, 50, 8), new(30, 50, 40), new(90, 50, 45)];
        Assert.True(For(alike)!.Levels.Sum(l => l.Batches) < For(apart)!.Levels.Sum(l => l.Batches));
    }

    /// <summary>
    /// By hand: a batch of 50 seeds that are alike by 0.05 counts as 50 / 3.45 = 14.49 seeds, at 40 or 60 % it weighs 3.478. Seven at each
    /// end stand out by 2·logit 0.6 · √(3.478 · 7·7 / 14) = 2.83 standard errors, seven and six by 2.72; 2.80 are needed, and one batch
    /// between them makes the third length.
    /// </summary>
    [Fact]
    public void Without_any_batch_it_takes_as_many_as_the_variance_of_the_slope_asks_for() =>
        Assert.Equal([new(30, 7), new(60, 1), new(90, 7)], ColdTrial.Cheapest([], Cold, ColdEffectFit.Fit([], [], null, null))!.Levels);

    [Fact]
    public void Results_that_speak_want_no_trial() =>
        Assert.Null(For(new(0, 40, 2), new(14, 40, 5), new(28, 40, 11), new(42, 40, 19), new(56, 40, 26), new(70, 40, 30)));

    [Theory]
    [InlineData(10, 10)]
    [InlineData(7, 7)]
    [InlineData(0, 0)]
    public void A_route_that_gives_no_room_is_tried_beyond_itself(int shortest, int usual)
    {
        var trial = ColdTrial.Cheapest([], new(shortest, usual, usual), ColdEffectFit.Fit([], [], null, null))!;
        var levels = trial.Levels.Select(l => l.ColdDays).ToList();
        Assert.True(levels.Count is 2 or 3 && levels.Zip(levels.Skip(1)).All(p => p.Second - p.First >= ColdEffectFit.LevelDays));
    }

    /// <summary>Batches drawn from the truth that the trial is planned on: four of five such trials tell it.</summary>
    [Fact]
    public void Four_of_five_trials_that_are_made_so_tell_the_difference_they_are_planned_on()
    {
        const int trials = 150;
        const double rho = 0.05;
        var trial = ColdTrial.Cheapest([], Cold, ColdEffectFit.Fit([], [], null, null))!;
        var random = new Random(20261130);
        var (low, high) = (trial.Levels[0].ColdDays, trial.Levels[^1].ColdDays);
        var slope = 2 * Math.Log(0.6 / 0.4) / (high - low);
        var told = Enumerable
            .Range(0, trials)
            .Count(_ =>
            {
                List<ColdBatch> made =
                [
                    .. trial.Levels.SelectMany(level =>
                        Enumerable
                            .Range(0, level.Batches)
                            .Select(_ =>
                            {
                                var mean = 1 / (1 + Math.Exp(-slope * (level.ColdDays - (low + high) / 2.0)));
                                var share = Beta.Sample(random, mean * (1 / rho - 1), (1 - mean) * (1 / rho - 1));
                                return new ColdBatch(level.ColdDays, trial.SeedsEach, Binomial.Sample(random, share, trial.SeedsEach));
                            })
                    ),
                ];
                return ColdEffectFit.Fit(made, [], null, null) is { Speaks: true, B: > 0 };
            });
        // 80 % less what the normal approximation promises too much, give or take three standard errors of 150 draws
        Assert.InRange(told / (double)trials, 0.66, 0.93);
    }
}
