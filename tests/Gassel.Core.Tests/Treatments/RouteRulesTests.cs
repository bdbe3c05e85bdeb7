using Gassel.Core.Record;
using Gassel.Core.Treatments;

namespace Gassel.Core.Tests.Treatments;

/// <summary>Common practice, no source.</summary>
public class RouteRulesTests
{
    private static readonly Species Camas = StarterLibrary.All.Single(s => s.Id == "small-camas");
    private static readonly IReadOnlyList<RouteStep> Fridge = Camas.Routes[0].Steps;

    private static IEnumerable<string> Why(Species species, params RouteStep[] steps) =>
        RouteRules.Check(species, new("r", 1, "r", steps)).Select(o => o.Why);

    [Fact]
    public void A_route_does_not_run_in_a_circle()
    {
        Assert.Contains(Why(Camas, [.. Fridge, Fridge[0]]), w => w.Contains("circle"));
        Assert.Contains(Why(Camas, Fridge[0], Fridge[2], Fridge[1]), w => w.Contains("after germinating"));
        Assert.Contains(Why(Camas, Fridge[0], Fridge[0], Fridge[1]), w => w.Contains("twice in a row"));
        Assert.Empty(Why(Camas, [.. Fridge]));
    }

    [Fact]
    public void Hot_water_is_for_water_tight_coats_alone()
    {
        var hot = new RouteStep(StepKind.Scarify, new(0, 0, 0), new(75, 90), Method: ScarifyMethod.HotWater);
        Assert.Contains(Why(Camas, [hot, .. Fridge]), w => w.Contains("kills seed without one"));
        var sumac = StarterLibrary.All.Single(s => s.Id == "smooth-sumac");
        Assert.Empty(Why(sumac, [.. sumac.Routes[0].Steps]));
        // a plan older than the method still knows hot water by its temperature
        Assert.True(new RouteStep(StepKind.Scarify, new(0, 0, 0), new(75, 90)).IsHotWater);
        Assert.False(new RouteStep(StepKind.Scarify, new(0, 0, 0), new(75, 90), Method: ScarifyMethod.Abrade).IsHotWater);
    }

    [Fact]
    public void Seed_that_must_not_dry_is_given_no_dry_step()
    {
        var trillium = StarterLibrary.All.Single(s => s.Id == "western-trillium");
        Assert.Contains(Why(trillium, [new(StepKind.DryStore, new(0, 30, 60)), .. trillium.Routes[0].Steps]), w =>
            w.Contains("must not dry")
        );
    }

    [Fact]
    public void Every_kind_that_needs_cold_has_a_way_outdoors()
    {
        foreach (var species in StarterLibrary.All.Where(s => s.Routes[0].Steps.Any(x => x.Kind == StepKind.ColdMoist)))
        {
            var outdoors = species.Routes.Where(r => r.IsOutdoors).ToList();
            Assert.NotEmpty(outdoors);
            Assert.All(outdoors, r => Assert.True(r.Steps.Single(s => s.Kind == StepKind.ColdMoist).Days.Shortest >= 60));
            Assert.All(outdoors, r =>
                Assert.Equal(PlaceKind.Yard, UsualPlaces.For(r.Setting, r.Steps.Single(s => s.Kind == StepKind.ColdMoist)))
            );
        }
        var snowberry = StarterLibrary.All.Single(s => s.Id == "snowberry");
        Assert.DoesNotContain(snowberry.Routes, r => r.Setting == RouteSetting.WinterContainer);
    }

    [Theory]
    [InlineData(DepthSchool.Width, 0, 2)]
    [InlineData(DepthSchool.TwiceWidth, 4, 4)]
    [InlineData(DepthSchool.ThriceThickness, 4.5, 4.5)]
    [InlineData(DepthSchool.Grit, 3, 6)]
    public void Depth_follows_the_school_where_the_species_has_none(DepthSchool school, double low, double high)
    {
        var unknown = Camas with { SowingDepth = null, SeedSize = new(2, 1.5) };
        Assert.Equal(new DepthRange(low, high), SowingDepth.For(unknown, school).Depth);
        Assert.Equal(new DepthRange(6, 10), SowingDepth.For(Camas, school).Depth);
        Assert.Equal(new DepthRange(0, 0), SowingDepth.For(unknown with { Flags = [SpeciesFlag.NeedsLight] }, school).Depth);
    }

    [Fact]
    public void Without_depth_or_size_the_depth_is_unknown() =>
        Assert.Null(SowingDepth.For(Camas with { SowingDepth = null }, DepthSchool.Width).Depth);

    [Fact]
    public void The_response_to_cold_is_the_species_own_or_that_of_its_kind()
    {
        Assert.Equal(ColdResponse.ColdGerminator, Camas.ResponseToCold);
        Assert.Equal(ColdResponse.Usual, StarterLibrary.All.Single(s => s.Id == "mock-orange").ResponseToCold);
        Assert.Equal(new(0, 1, 5, 10), (Camas with { ColdResponse = new(0, 1, 5, 10) }).ResponseToCold);
        Assert.False(new ColdResponse(0, 5, 1, 10).IsOrdered);
    }
}
