using Gassel.Core.Treatments;

namespace Gassel.Core.Tests.Treatments;

/// <summary>Trade facts here are common practice, no source.</summary>
public class StarterLibraryTests
{
    [Fact]
    public void Every_starter_says_where_its_values_come_from_and_holds_ordered_durations()
    {
        Assert.All(StarterLibrary.All, species =>
        {
            Assert.Contains("from memory", species.Origin);
            Assert.NotNull(species.Planted);
            Assert.True(species.Planted.Darkest <= species.Planted.Brightest && species.Planted.Driest <= species.Planted.Wettest);
            Assert.NotNull(species.Planted.SpacingCm);
            Assert.NotNull(species.Growing?.Appetite);
            Assert.All(species.Routes, r => Assert.All(r.Steps, s => Assert.True(s.Days.IsOrdered)));
            Assert.All(species.Routes, r => Assert.Single(r.Steps, s => s.Kind == StepKind.Germinate));
            // a container outdoors is opened by degrees and hardens by itself
            Assert.All(species.Routes, r => Assert.Equal(r.IsOutdoors ? StepKind.GrowOn : StepKind.HardenOff, r.Steps[^1].Kind));
        });
    }

    [Fact]
    public void Every_kind_of_work_is_there_and_names_are_given_once()
    {
        var kinds = StarterLibrary
            .All.SelectMany(s => s.Routes)
            .Select(r => string.Join(' ', r.Steps.Where(x => x.Kind.IsSeedTreatment()).Select(x => x.Kind.Words())))
            .ToHashSet();
        foreach (
            var kind in new[]
            {
                "cold-moist",
                "scarify soak cold-moist",
                "warm-moist cold-moist",
                "cold-moist warm-moist cold-moist",
                "leach cold-moist",
                "soak cold-moist",
                "scarify imbibe cold-moist",
                "",
            }
        )
        {
            Assert.Contains(kind, kinds);
        }
        Assert.Equal(46, StarterLibrary.All.Count);
        Assert.Equal(46, StarterLibrary.All.DistinctBy(s => s.Id).DistinctBy(s => s.ScientificName).Count());
        Assert.Equal(
            StarterLibrary.All.Sum(s => s.Routes.Count),
            StarterLibrary.All.SelectMany(s => s.Routes).DistinctBy(r => r.Id).Count()
        );
    }

    [Fact]
    public void No_starter_route_breaks_a_rule() =>
        Assert.All(StarterLibrary.All, s => Assert.All(s.Routes, r => Assert.Empty(RouteRules.Check(s, r))));

    [Fact]
    public void Toxic_seed_is_offered_no_soak_and_slimy_or_dust_fine_seed_neither()
    {
        var soak = new RouteStep(StepKind.Soak, new(1, 1, 3));
        foreach (
            var (id, word) in new[]
            {
                ("meadow-death-camas", "toxic"),
                ("goldenbanner", "toxic"),
                ("blue-flax", "slimy"),
                ("mock-orange", "dust-fine"),
            }
        )
        {
            var species = StarterLibrary.All.Single(s => s.Id == id);
            var route = species.Routes[0] with { Steps = [soak, .. species.Routes[0].Steps] };
            Assert.Contains(RouteRules.Check(species, route), o => o.Step == 0 && o.Why.Contains(word));
        }
        var dogwood = StarterLibrary.All.Single(s => s.Id == "red-osier-dogwood");
        Assert.Empty(RouteRules.Check(dogwood, dogwood.Routes[0]));
    }

    [Fact]
    public void Hot_water_for_toxic_seed_a_soak_before_the_coat_is_broken_and_durations_out_of_order_are_named()
    {
        var banner = StarterLibrary.All.Single(s => s.Id == "goldenbanner");
        var hot = banner.Routes[0] with { Steps = [new(StepKind.Scarify, new(0, 0, 0), new(75, 90)), .. banner.Routes[0].Steps.Skip(1)] };
        Assert.Contains(RouteRules.Check(banner, hot), o => o.Why.Contains("toxic water"));
        var sumac = StarterLibrary.All.Single(s => s.Id == "smooth-sumac");
        var steps = sumac.Routes[0].Steps;
        Assert.Contains(RouteRules.Check(sumac, sumac.Routes[0] with { Steps = [steps[1], steps[0], .. steps.Skip(2)] }), o =>
            o.Why.Contains("broken before")
        );
        Assert.Contains(RouteRules.Check(sumac, sumac.Routes[0] with { Steps = [.. steps, steps[3]] }), o =>
            o.Why.Contains("exactly one germinate")
        );
        Assert.Contains(
            RouteRules.Check(sumac, sumac.Routes[0] with { Steps = [steps[0] with { Days = new(5, 3, 9) }, .. steps.Skip(1)] }),
            o => o.Why.Contains("shortest")
        );
        Assert.NotEmpty(RouteRules.Check(sumac, sumac.Routes[0] with { Steps = [] }));
    }

    [Fact]
    public void Treatment_takes_its_steps_and_the_shortest_leaves_out_what_is_optional()
    {
        var globemallow = StarterLibrary.All.Single(s => s.Id == "globemallow").Routes[0];
        Assert.Equal(new DurationRange(1, 31, 63), TreatmentTime.BeforeSowing(globemallow));
        Assert.Equal(
            new DurationRange(180, 270, 360),
            TreatmentTime.BeforeSowing(StarterLibrary.All.Single(s => s.Id == "western-trillium").Routes[0])
        );
    }

    /// <summary>A coat is broken before the soak, never after it.</summary>
    [Fact]
    public void A_hard_coat_is_broken_first()
    {
        foreach (
            var route in StarterLibrary
                .All.Where(s => s.DormancyClass is DormancyClass.Physical or DormancyClass.Combinational)
                .SelectMany(s => s.Routes)
        )
        {
            Assert.Equal(StepKind.Scarify, route.Steps[0].Kind);
        }
    }

    private static RouteStep Step(StepKind kind, TemperatureBand? band = null) => new(kind, new(1, 1, 1), band);

    [Fact]
    public void Hot_water_scalds_grit_makes_dust_and_cold_boxes_are_not_food()
    {
        Assert.Contains(Cautions.For(HazardLevel.None, Step(StepKind.Scarify, new(75, 90)), RouteSetting.Indoors), c =>
            c.Text.Contains("scald")
        );
        var abrading = Cautions.For(HazardLevel.None, Step(StepKind.Scarify), RouteSetting.Indoors);
        Assert.Contains(abrading, c => c.Text.Contains("dust"));
        Assert.DoesNotContain(abrading, c => c.Text.Contains("scald"));
        Assert.Contains(Cautions.For(HazardLevel.None, Step(StepKind.ColdMoist), RouteSetting.Indoors), c => c.Text.Contains("not food"));
        Assert.Equal("irritantSeed", Cautions.For(HazardLevel.Irritant, Step(StepKind.WarmMoist), RouteSetting.Indoors)[0].Topic);
        Assert.DoesNotContain(Cautions.For(HazardLevel.Irritant, Step(StepKind.GrowOn), RouteSetting.Indoors), c =>
            c.Topic == "irritantSeed"
        );
        Assert.Equal("toxicSeed", Cautions.For(HazardLevel.Toxic, Step(StepKind.GrowOn), RouteSetting.Indoors)[0].Topic);
    }

    [Fact]
    public void A_jug_and_a_bed_do_not_get_the_fridges_cautions()
    {
        foreach (var setting in new[] { RouteSetting.WinterContainer, RouteSetting.AutumnBed })
        {
            Assert.DoesNotContain(Cautions.For(HazardLevel.None, Step(StepKind.ColdMoist), setting), c => c.Topic == "fridgeBox");
            Assert.DoesNotContain(Cautions.For(HazardLevel.None, Step(StepKind.Germinate), setting), c => c.Topic == "matsAndLamps");
            Assert.Equal("toxicSeed", Cautions.For(HazardLevel.Toxic, Step(StepKind.ColdMoist), setting)[0].Topic);
        }
    }

    [Theory]
    [InlineData(StepKind.Soak)]
    [InlineData(StepKind.Leach)]
    [InlineData(StepKind.SmokeWater)]
    [InlineData(StepKind.GibberellicAcid)]
    public void Very_toxic_seed_gets_no_wet_and_no_chemical_step(StepKind kind)
    {
        var species = StarterLibrary.All.Single(s => s.Id == "small-camas") with { Hazard = HazardLevel.VeryToxic };
        Assert.NotNull(RouteRules.Forbidden(species, Step(kind)));
        Assert.Contains(
            Gassel.Core.Record.BagCares.Forbidden(HazardLevel.VeryToxic, Gassel.Core.Record.BagCare.Rinsed)!,
            "Toxic seed is never rinsed: it gets new medium, or the bag is discarded.",
            StringComparison.Ordinal
        );
        Assert.Contains(
            "small amount can kill",
            Cautions.For(HazardLevel.VeryToxic, Step(StepKind.ColdMoist), RouteSetting.Indoors)[0].Text,
            StringComparison.Ordinal
        );
    }

    [Fact]
    public void A_step_without_days_is_no_step_unless_it_is_work_of_hours()
    {
        var species = StarterLibrary.All.Single(s => s.Id == "small-camas");
        var route = species.Routes[0];
        var empty = route with { Steps = [new(StepKind.ColdMoist, new(0, 0, 0)), .. route.Steps.Where(s => s.Kind == StepKind.Germinate)] };
        Assert.Contains(RouteRules.Check(species, empty), o => o.Why.Contains("0, 0 and 0 days", StringComparison.Ordinal));
        Assert.DoesNotContain(RouteRules.Check(species, route), o => o.Why.Contains("0, 0 and 0", StringComparison.Ordinal));
    }

    /// <summary>The only mention of acid sends it to professionals.</summary>
    [Fact]
    public void There_is_no_acid_recipe()
    {
        var texts = Enum.GetValues<HazardLevel>()
            .SelectMany(h =>
                Enum.GetValues<StepKind>()
                    .SelectMany(k =>
                        Cautions.For(h, Step(k), RouteSetting.Indoors).Concat(Cautions.For(h, Step(k, new(80, 90)), RouteSetting.Indoors))
                    )
            )
            .Select(c => c.Text)
            .Where(t => t.Contains("acid", StringComparison.OrdinalIgnoreCase));
        Assert.All(texts, t => Assert.Contains("professional", t));
    }
}
