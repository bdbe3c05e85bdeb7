using Gassel.Core.Germination;
using Gassel.Core.Planning;
using Gassel.Core.Seed;
using Gassel.Core.Treatments;

namespace Gassel.Core.Tests.Planning;

/// <summary>What batches of other nurseries may say, and how little it weighs beside one's own.</summary>
public sealed class EvidenceTests
{
    private static readonly Species Camas = Book.Of("small-camas");
    private static readonly Route Fridge = Camas.Routes[0];

    private static EvidenceResult Result(int coldDays, string? name = null) =>
        new(
            name ?? Camas.ScientificName,
            Fridge.Setting,
            [.. Fridge.Treatment.Select(s => s.Kind)],
            coldDays,
            30,
            60,
            false,
            new(2026, 5, 1)
        );

    private static int Cold => Fridge.Steps.Where(s => s.Kind == StepKind.ColdMoist).Sum(s => s.Days.Usual);

    [Fact]
    public void It_speaks_for_the_same_species_treated_alike_whatever_the_route_is_called()
    {
        Assert.True(Result(Cold).Speaks(Camas, Fridge with { Name = "as we do it", Id = "x" }));
        Assert.True(Result(Cold + OwnResults.LikeColdDays, Camas.ScientificName.ToUpperInvariant()).Speaks(Camas, Fridge));
        Assert.False(Result(Cold + OwnResults.LikeColdDays + 1).Speaks(Camas, Fridge));
        Assert.False(Result(Cold, "Camassia leichtlinii").Speaks(Camas, Fridge));
        Assert.False(Result(Cold).Speaks(Camas, Fridge with { Setting = RouteSetting.AutumnBed }));
        Assert.False((Result(Cold) with { Treatment = [] }).Speaks(Camas, Fridge));
        Assert.True(
            (Result(3) with { Setting = RouteSetting.WinterContainer }).Speaks(
                Camas,
                Fridge with
                {
                    Setting = RouteSetting.WinterContainer,
                }
            )
        );
    }

    /// <summary>Thousands of seeds elsewhere weigh no more than the rule; a few own batches carry it off.</summary>
    [Fact]
    public void It_takes_the_place_of_the_rule_and_own_batches_outweigh_it()
    {
        OthersBatches theirs = new("North Bench", [.. Enumerable.Repeat(new PastBatch(900, 1000), 12)]);
        var prior = EvidencePrior.From(0.4, [theirs])!;
        Assert.InRange(prior.Mean, 0.8, 0.9);
        Assert.Contains("North Bench: 10800 of 12000", prior.Working[0], StringComparison.Ordinal);
        PastBatch[] own = [.. Enumerable.Repeat(new PastBatch(20, 100), 6)];
        var (with, without) = (
            LearnedGermination.From(prior.Mean, own, EvidencePrior.WorthSeeds).Mean,
            LearnedGermination.From(0.4, own).Mean
        );
        Assert.InRange(without, 0.18, 0.27);
        // six batches of one's own carry most of the way
        Assert.InRange(with, without, (prior.Mean + (2 * 0.2)) / 3);
        Assert.Equal(LearnedGermination.From(prior.Mean, [], EvidencePrior.WorthSeeds).Mean, prior.Mean, 1);
        Assert.Null(EvidencePrior.From(0.4, [new("North Bench", [])]));
        Assert.Null(EvidencePrior.From(0.4, null));
    }

    [Fact]
    public void A_lot_without_a_test_is_judged_by_it_and_says_so_and_a_test_goes_before_it()
    {
        SeedLot lot = new("slope", new(2026, 7, 1), 200);
        LotJudgement Judge(SeedLot seed, params OthersBatches[] others) =>
            LotJudgement.Of(seed, Camas, Fridge, ViabilitySchool.Share, new(2026, 12, 1), [], others);
        OthersBatches theirs = new("North Bench", [new(12, 60), new(9, 50)]);
        var judged = Judge(lot, theirs);
        Assert.Equal(GerminationBasis.Evidence, judged.Basis);
        Assert.Contains(judged.Working, w => w.Contains("Evidence of North Bench: 21 of 110", StringComparison.Ordinal));
        Assert.True(judged.Germination.ObservedRate < Judge(lot).Germination.ObservedRate);
        Assert.Equal("batches of other nurseries", judged.Forecast(60).Basis);
        var treatment = Fridge.Treatment.Select(s => new GivenStep(s.Kind, s.Days.Usual)).ToList();
        var tested = Judge(lot with { Tests = [new(40, 50, new(2026, 11, 1), treatment)] }, theirs);
        Assert.Equal(GerminationBasis.Test, tested.Basis);
    }
}
