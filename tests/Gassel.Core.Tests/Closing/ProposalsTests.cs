using Gassel.Core.Closing;
using Gassel.Core.Fold;
using Gassel.Core.Germination;
using Gassel.Core.Record;
using Gassel.Core.Treatments;

namespace Gassel.Core.Tests.Closing;

/// <summary>What a record speaks for. The batches are made for the test.</summary>
public class ProposalsTests
{
    private static readonly BatchCost Free = new(0, 0, 0, 0, 0, 0, null, 0, []);

    /// <summary>100 seeds of which so many came up; 20 plants were wanted.</summary>
    private static BatchAccount Batch(
        int up,
        GerminationForecast? forecast = null,
        bool over = true,
        DateOnly? closed = null,
        params StageLoss[] losses
    )
    {
        var lost = losses.Sum(l => l.Plants);
        var tally = new PlantTally(
            up,
            [.. PlantStages.All.Select(s => s == PlantStage.Seedling ? new StageCount(s, up - lost, 0, lost, up) : new(s, 0, 0, 0, 0))],
            losses
        );
        var share = up / 100.0;
        bool? within = over && forecast is { } f ? share >= f.Low && share <= f.High : null;
        return new(
            Guid.NewGuid(),
            5,
            "small-camas",
            "small camas",
            "fridge",
            RouteSetting.Indoors,
            1,
            2026,
            new(2026, 12, 1),
            100,
            up,
            share,
            share - 0.05,
            share + 0.05,
            12,
            new(2027, 3, 1),
            tally,
            20,
            forecast,
            within,
            9,
            Free,
            over,
            closed
        )
        {
            Counted = Gassel.Core.Fold.Counted.Whole,
        };
    }

    private static readonly GerminationForecast Half = new(0.5, 0.4, 0.6, "own results");

    [Fact]
    public void Seeds_follow_what_came_up_once_it_lies_outside_the_forecast()
    {
        Assert.StartsWith("Sow more", Assert.Single(Proposals.Of(Batch(20, Half))).Words, StringComparison.Ordinal);
        Assert.StartsWith("Fewer seeds", Assert.Single(Proposals.Of(Batch(80, Half))).Words, StringComparison.Ordinal);
        Assert.Contains(
            "20 % of 100 came up",
            Assert.Single(Proposals.Of(Batch(20, Half))).Because.Replace('\u00a0', ' '),
            StringComparison.Ordinal
        );
        Assert.Empty(Proposals.Of(Batch(50, Half)));
        Assert.Empty(Proposals.Of(Batch(20, Half, over: false)));
        Assert.Empty(Proposals.Of(Batch(20)));
    }

    [Fact]
    public void A_cause_is_named_from_one_in_ten_on_and_from_two_plants_on()
    {
        StageLoss Of(LossCause cause, int plants) => new(PlantStage.Seedling, cause, plants);
        Assert.Equal(ProposalKind.DampingOff, Assert.Single(Proposals.Of(Batch(40, losses: Of(LossCause.DampingOff, 4)))).Kind);
        Assert.Empty(Proposals.Of(Batch(40, losses: Of(LossCause.DampingOff, 3))));
        Assert.Empty(Proposals.Of(Batch(6, losses: Of(LossCause.DampingOff, 1))));
        // whatever ate them is met with the same net
        Assert.Equal(
            ProposalKind.Pests,
            Assert.Single(Proposals.Of(Batch(40, losses: [Of(LossCause.Slugs, 2), Of(LossCause.Mice, 2)]))).Kind
        );
        Assert.Empty(Proposals.Of(Batch(40, losses: Of(LossCause.Unknown, 30))));
    }

    [Fact]
    public void Plants_are_held_against_those_wanted_when_the_books_are_closed()
    {
        DateOnly closed = new(2027, 8, 1);
        Assert.StartsWith("Fewer plants", Assert.Single(Proposals.Of(Batch(14, closed: closed))).Words, StringComparison.Ordinal);
        Assert.StartsWith("Many more", Assert.Single(Proposals.Of(Batch(31, closed: closed))).Words, StringComparison.Ordinal);
        Assert.Empty(Proposals.Of(Batch(15, closed: closed)));
        Assert.Empty(Proposals.Of(Batch(30, closed: closed)));
        Assert.Empty(Proposals.Of(Batch(31)));
    }

    [Fact]
    public void A_season_adds_up_its_own_batches_and_no_other()
    {
        var cost = new BatchCost(0, 0, 0, 0, 0, 12, 0.5, 24, []);
        BatchAccount[] all =
        [
            Batch(50) with
            {
                Cost = cost,
                Gestures = 9,
            },
            Batch(30) with
            {
                Cost = cost with { Total = 6, Plants = 12 },
                Setting = RouteSetting.WinterContainer,
                Gestures = 4,
            },
            Batch(20) with
            {
                Cost = cost with { Total = 6, Plants = 0 },
                Gestures = 2,
            },
            Batch(0) with
            {
                Fraction = null,
                Cost = Free,
                Seeds = 40,
            },
            Batch(99) with
            {
                Season = 2025,
                Cost = cost,
            },
        ];
        var season = SeasonAccount.Of(2026, all);
        Assert.Equal((4, 340, 300), (season.Batches.Count, season.Seeds, season.SeedsSown));
        Assert.Equal((100, 24.0), (season.Plants.Emerged, season.TotalCost));
        Assert.Equal(24.0 / 36, season.CostPerPlant!.Value, 12);
        Assert.Equal(
            [(RouteSetting.Indoors, 2, 70, 200, 11), (RouteSetting.WinterContainer, 1, 30, 100, 4)],
            season.Ways.Select(w => (w.Setting, w.Batches, w.Germinated, w.Seeds, w.Gestures))
        );
        // Wilson's interval of 30 in 100: 0.219 to 0.396 (Brown, Cai & DasGupta 2001, the formula by hand)
        Assert.Equal((0.219, 0.396), (Math.Round(season.Ways[1].Low, 3), Math.Round(season.Ways[1].High, 3)));
        Assert.Null(SeasonAccount.Of(2020, all).CostPerPlant);
    }
}
