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
            Assert.All(species.Routes, r => Assert.All(r.Steps, s => Assert.True(s.Days.IsOrdered)));
            Assert.All(species.Routes, r => Assert.Single(r.Steps, s => s.Kind == StepKind.Germinate));
            Assert.All(species.Routes, r => Assert.Equal(StepKind.HardenOff, r.Steps[^1].Kind));
        });
    }

    [Fact]
    public void The_four_kinds_of_work_are_there()
    {
        var kinds = StarterLibrary.All.Select(s => string.Join(' ', s.Routes[0].Steps.Where(x => x.Kind.IsSeedTreatment()).Select(x => x.Kind.Words())));
        Assert.Equal(["cold-moist", "scarify soak cold-moist", "warm-moist cold-moist", ""], kinds);
    }

    /// <summary>A coat is broken before the soak, never after it.</summary>
    [Fact]
    public void A_hard_coat_is_broken_first()
    {
        foreach (var route in StarterLibrary.All.Where(s => s.DormancyClass is DormancyClass.Physical or DormancyClass.Combinational).SelectMany(s => s.Routes))
        {
            Assert.Equal(StepKind.Scarify, route.Steps[0].Kind);
        }
    }

    [Fact]
    public void Hot_water_scalds_and_cold_boxes_are_not_food()
    {
        Assert.Contains(Cautions.For(HazardLevel.None, StepKind.Scarify), c => c.Text.Contains("scald"));
        Assert.Contains(Cautions.For(HazardLevel.None, StepKind.ColdMoist), c => c.Text.Contains("not food"));
        Assert.Equal("irritantSeed", Cautions.For(HazardLevel.Irritant, StepKind.WarmMoist)[0].Topic);
        Assert.Equal("toxicSeed", Cautions.For(HazardLevel.Toxic, StepKind.ColdMoist)[0].Topic);
    }

    /// <summary>The only mention of acid sends it to professionals.</summary>
    [Fact]
    public void There_is_no_acid_recipe()
    {
        var texts = Enum.GetValues<HazardLevel>().SelectMany(h => Enum.GetValues<StepKind>().SelectMany(k => Cautions.For(h, k))).Select(c => c.Text)
            .Where(t => t.Contains("acid", StringComparison.OrdinalIgnoreCase));
        Assert.All(texts, t => Assert.Contains("professional", t));
    }
}
