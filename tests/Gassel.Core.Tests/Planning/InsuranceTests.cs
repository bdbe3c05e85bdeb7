using CsCheck;
using Gassel.Core.Germination;
using Gassel.Core.Planning;

namespace Gassel.Core.Tests.Planning;

/// <summary>Cells, clumps and two sowings. Cell numbers: GNU R 4.2.2, pbinom.</summary>
public class InsuranceTests
{
    private static readonly SeedsQuestion Wish = new(48, new GerminationBelief.Known(0.6), 0.85, 0.9);

    [Fact]
    public void The_ways_of_filling_cells_stand_side_by_side()
    {
        var ways = CellFillings.For(Wish);
        Assert.Equal([1, 2, 3, 6], ways.Select(w => w.SeedsPerCell));
        Assert.Equal((107, 107), (ways[0].Seeds, ways[0].Cells));
        Assert.Equal((74, 66), (ways[1].Cells, ways[2].Cells));
        // 74 × 0.4² = 11.84 cells stay empty; 74 × (2 × 0.6 − (1 − 0.4²)) = 26.64 seedlings are thinned
        Assert.Equal(11.84, ways[1].EmptyCells!.Value, 9);
        Assert.Equal(26.64, ways[1].Surplus!.Value, 9);
        // a clump wastes none: the 107 seeds of loose sowing in full cells of six
        Assert.Equal((108, 18, 0.0), (ways[3].Seeds, ways[3].Cells, ways[3].Surplus));
        Assert.Equal(108, CellFillings.Need(Wish with { SeedsPerCell = 6 }, CellPractice.Divide).Seeds);
        Assert.Equal(74, CellFillings.Need(Wish with { SeedsPerCell = 2 }, CellPractice.ThinToOne).Cells!.Cells);
    }

    [Fact]
    public void Two_sowings_hold_every_seed_and_do_not_make_more_plants() =>
        Gen.Select(Gen.Int[2, 300], Gen.Double[0.01, 0.99])
            .Sample(
                (seeds, share) =>
                {
                    var two = TwoSowings.Divide(Wish, seeds, share);
                    Assert.Equal(seeds, two.First.Seeds + two.Second.Seeds);
                    Assert.True(two.First.Seeds >= 1 && two.Second.Seeds >= 1);
                    Assert.Equal(seeds * 0.6 * 0.85, two.First.ExpectedPlants + two.Second.ExpectedPlants, 6);
                    Assert.True(two.First.AloneReaches <= two.BothReach + 1e-12 && two.Second.AloneReaches <= two.BothReach + 1e-12);
                },
                iter: 200
            );

    /// <summary>107 seeds are the fewest that reach 0.9 (R, pbinom); half of them alone hardly ever do.</summary>
    [Fact]
    public void One_of_two_halves_rarely_reaches_the_whole_wish()
    {
        var two = TwoSowings.Divide(Wish, 107, 0.5);
        Assert.InRange(two.BothReach, 0.9, 0.92);
        Assert.True(two.First.AloneReaches < 0.001);
    }

    [Fact]
    public void Survival_is_the_product_of_its_stages()
    {
        Assert.Equal(0.85, StageSurvival.Assumed.Total, 2);
        Assert.Equal(0.4, new StageSurvival(0.8, 0.5, 1).Total, 9);
    }
}
