using Gassel.Core.Planning;
using Gassel.Core.Treatments;

namespace Gassel.Core.Tests.Treatments;

/// <summary>What a grower reads who does not know the word of the trade.</summary>
public class SentencesTests
{
    [Fact]
    public void Every_class_depth_and_flag_has_a_sentence_of_its_own()
    {
        var said = Enum.GetValues<DormancyClass>()
            .Select(c => c.Sentence(null))
            .Concat(Enum.GetValues<DormancyDepth>().Select(d => d.Sentence()))
            .Concat(Enum.GetValues<SpeciesFlag>().Select(f => f.Sentence()))
            .ToList();
        Assert.All(said, s => Assert.EndsWith(".", s));
        Assert.Equal(said.Count, said.Distinct().Count());
        Assert.Contains("second spring", DormancyClass.Physiological.Sentence(DormancyDepth.Deep));
    }

    /// <summary>"Double dormancy" is a plain-words description and no class; an edible plant is never promised.</summary>
    [Fact]
    public void Nothing_promises_food_or_names_a_class_that_is_none()
    {
        var words = StarterLibrary
            .All.SelectMany(s => s.Routes.SelectMany(r => r.Steps.Select(x => x.Note ?? "")).Append(s.Notes).Append(s.HazardNote ?? ""))
            .Concat(Enum.GetValues<DormancyClass>().Select(c => c.Sentence(null)));
        Assert.All(words, w => Assert.DoesNotContain("edible", w, StringComparison.OrdinalIgnoreCase));
        Assert.All(words, w => Assert.DoesNotContain("double dormancy", w, StringComparison.OrdinalIgnoreCase));
    }

    [Fact]
    public void Each_way_outdoors_names_its_risks_and_the_frost_stands_beside_them()
    {
        var camas = StarterLibrary.All.Single(s => s.Id == "small-camas");
        var risks = camas
            .Routes.Select(r => RouteRisk.Of(r, camas, ["Plants set out 3 May: none of 30 springs had frost later."]))
            .ToList();
        Assert.All(risks, r => Assert.Equal(2, r.Count));
        Assert.Equal(3, risks.Select(r => r[0]).Distinct().Count());
        Assert.Contains("sprouts in the bag", risks[0][0]);
        Assert.Contains("hard freeze", risks[1][0]);
        Assert.Contains("mice", risks[2][0]);
    }

    /// <summary>The two that may be taken for one another warn of each other.</summary>
    [Fact]
    public void Look_alikes_warn_of_each_other()
    {
        string? LookAlike(string id) => StarterLibrary.All.Single(s => s.Id == id).LookAlike;
        Assert.Contains("death camas", LookAlike("small-camas"));
        Assert.Contains("small camas", LookAlike("meadow-death-camas"));
    }

    [Fact]
    public void An_origin_of_its_own_stands_before_that_of_the_species()
    {
        var camas = StarterLibrary.All.Single(s => s.Id == "small-camas") with
        {
            Origins = [new(SpeciesValue.Hardiness, "own results 2026")],
        };
        Assert.Equal("own results 2026", camas.OriginOf(SpeciesValue.Hardiness));
        Assert.Equal(StarterLibrary.Origin, camas.OriginOf(SpeciesValue.Germination));
    }
}
