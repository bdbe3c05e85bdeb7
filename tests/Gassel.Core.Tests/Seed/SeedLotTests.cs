using Gassel.Core.Germination;
using Gassel.Core.Seed;
using Gassel.Core.Treatments;

namespace Gassel.Core.Tests.Seed;

/// <summary>Amounts by hand; what a test tells is common practice, no source.</summary>
public class SeedLotTests
{
    private static readonly DateOnly Today = new(2027, 3, 14);
    private static readonly Species Camas = StarterLibrary.All.Single(s => s.Id == "small-camas");
    private static readonly Species Globemallow = StarterLibrary.All.Single(s => s.Id == "globemallow");

    private static SeedLot Lot(int? counted = 400) => new("seep", new(2026, 7, 6), counted, Permission: "land-owner");

    private static GerminationTest Test(int up, int of, params GivenStep[] given) => new(up, of, new(2026, 12, 1), given);

    [Fact]
    public void Weighed_seed_is_grams_times_seeds_a_gram_times_purity_rounded_down()
    {
        // 3.2 g × 180 × 0.95 = 547.2
        Assert.Equal(547, (Lot(null) with { Weight = new(3.2, 180, 0.95) }).Seeds);
        Assert.Equal(1000, new SeedWeight(10, 100, 1).Seeds);
    }

    [Fact]
    public void Cut_and_tested_seed_goes_into_no_batch()
    {
        var lot = Lot() with { CutTest = new(18, 1, 1), Tests = [Test(0, 25)] };
        Assert.Equal(45, lot.Tested);
        Assert.Equal(235, lot.Left(drawn: 120));
        Assert.Equal(0, lot.Left(drawn: 900));
    }

    [Theory]
    [InlineData(60, true)]
    [InlineData(42, true)]
    [InlineData(41, false)]
    public void A_test_speaks_for_a_route_only_with_its_shortest_cold(int days, bool speaks) =>
        Assert.Equal(speaks, TestTreatment.IsOfRoute(Test(12, 25, new GivenStep(StepKind.ColdMoist, days)), Camas.Routes[0]));

    [Fact]
    public void Untreated_dormant_seed_tells_of_dormancy_not_of_life()
    {
        var test = Test(0, 25);
        Assert.False(TestTreatment.IsOfRoute(test, Camas.Routes[0]));
        Assert.Contains(
            "without the cold-moist of this route it tells of dormancy, not of life",
            TestTreatment.TellsInstead(test, Camas.Routes[0])
        );
        // where nothing needs breaking, untreated is the treatment
        var flax = StarterLibrary.All.Single(s => s.Id == "blue-flax");
        Assert.True(TestTreatment.IsOfRoute(test, flax.Routes[0]));
        Assert.False(TestTreatment.IsOfRoute(test, flax.Routes[1]));
    }

    [Fact]
    public void An_optional_step_may_be_given_or_not_and_another_one_never()
    {
        var route = Globemallow.Routes[0];
        Assert.True(TestTreatment.IsOfRoute(Test(31, 50, new GivenStep(StepKind.Scarify, 0)), route));
        Assert.True(
            TestTreatment.IsOfRoute(Test(31, 50, new GivenStep(StepKind.Scarify, 0), new GivenStep(StepKind.ColdMoist, 30)), route)
        );
        Assert.False(
            TestTreatment.IsOfRoute(Test(31, 50, new GivenStep(StepKind.Scarify, 0), new GivenStep(StepKind.SmokeWater, 1)), route)
        );
        Assert.False(TestTreatment.IsOfRoute(Test(31, 50, new GivenStep(StepKind.ColdMoist, 30)), route));
        Assert.True(TestTreatment.IsOfRoute(new(31, 50), route));
    }

    [Fact]
    public void A_test_of_the_route_stands_before_what_is_expected_and_that_before_the_rule()
    {
        LotJudgement Judge(SeedLot lot) => LotJudgement.Of(lot, Camas, Camas.Routes[0], ViabilitySchool.Share, Today);
        var tested = Lot() with { AssumedFraction = 0.3, Tests = [Test(0, 25), Test(17, 25, new GivenStep(StepKind.ColdMoist, 70))] };
        // 17 of 25 when it was tested; the seed has aged since
        Assert.Equal((GerminationBasis.Test, 0.64), (Judge(tested).Basis, Judge(tested).Germination.ObservedRate));
        Assert.Contains(Judge(tested).Warnings, w => w.Kind == LotWarningKind.TestOfDormancy);

        var expected = Lot() with { AssumedFraction = 0.9, CutTest = new(12, 8, 0) };
        Assert.Equal((GerminationBasis.Expected, 0.6), (Judge(expected).Basis, Judge(expected).Germination.ObservedRate));

        // 251 days old: 0.7 × ½^(251 ÷ 365.25 ÷ 3) alive, of which 0.8 come up
        var rule = Judge(Lot());
        Assert.Equal(GerminationBasis.Rule, rule.Basis);
        Assert.Equal(0.7 * Math.Pow(0.5, 251 / 365.25 / 3), rule.Alive, 9);
        Assert.Equal(rule.Alive * 0.8, rule.Germination.ObservedRate, 9);
    }

    [Fact]
    public void A_cut_test_is_an_upper_bound_and_never_lifts_the_rule()
    {
        double Alive(CutTest cut) =>
            LotJudgement.Of(Lot() with { CutTest = cut }, Camas, Camas.Routes[0], ViabilitySchool.Share, Today).Alive;
        Assert.Equal(0.25, Alive(new(5, 15, 0)), 9);
        Assert.Equal(0, Alive(new(0, 20, 0)), 9);
        Assert.True(Alive(new(20, 0, 0)) < 0.7);
    }

    [Fact]
    public void Old_hazardous_dried_and_unpermitted_seed_says_so()
    {
        IEnumerable<LotWarningKind> Of(string species, SeedLot lot)
        {
            var kind = StarterLibrary.All.Single(s => s.Id == species);
            return LotJudgement.Of(lot, kind, kind.Routes[0], ViabilitySchool.Share, Today).Warnings.Select(w => w.Kind);
        }
        Assert.Contains(LotWarningKind.Old, Of("small-camas", Lot() with { GatheredOn = new(2023, 7, 1) }));
        Assert.DoesNotContain(LotWarningKind.Old, Of("globemallow", Lot() with { GatheredOn = new(2023, 7, 1) }));
        Assert.Contains(LotWarningKind.Hazard, Of("meadow-death-camas", Lot()));
        Assert.Contains(LotWarningKind.DriedOut, Of("western-trillium", Lot()));
        Assert.Contains(LotWarningKind.NoPermission, Of("small-camas", Lot() with { Permission = " " }));
        Assert.Contains(LotWarningKind.NoCutTest, Of("small-camas", Lot()));
        Assert.Empty(Of("small-camas", Lot() with { CutTest = new(19, 1, 0) }));
        Assert.Contains(
            LotWarningKind.OldTest,
            Of("small-camas", Lot() with { GatheredOn = new(2024, 7, 1), Tests = [new(9, 20, new DateOnly(2024, 12, 1))] })
        );
    }

    [Fact]
    public void Cooler_storage_never_kills_sooner()
    {
        double At(SeedStorage storage) => Viability.At(ViabilitySchool.Share, 0.7, 4, Longevity.Medium, storage).Fraction;
        Assert.True(At(SeedStorage.WarmOrDamp) < At(SeedStorage.RoomDry));
        Assert.True(At(SeedStorage.RoomDry) < At(SeedStorage.CoolDry));
        Assert.True(At(SeedStorage.CoolDry) < At(SeedStorage.FrozenDry));
        // the points school knows no storage
        Assert.Equal(0.2, Viability.At(ViabilitySchool.Points, 0.7, 2, Longevity.Medium, SeedStorage.FrozenDry).Fraction, 9);
    }
}
