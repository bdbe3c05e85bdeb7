using Gassel.Core.Closing;
using Gassel.Core.Fold;
using Gassel.Core.Treatments;

namespace Gassel.Core.Tests.Closing;

/// <summary>Routes and treatments of a species side by side. The batches are made for the test.</summary>
public class TreatmentsComparedTests
{
    private static readonly BatchCost Free = new(0, 0, 0, 0, 0, 0, null, 0, []);

    private static BatchAccount Batch(int number, string route, int cold, int up, int seeds, bool over = true, string species = "camas") =>
        new(
            Guid.NewGuid(),
            number,
            species,
            species,
            route,
            RouteSetting.Indoors,
            1,
            2026,
            new(2026, 12, 1),
            seeds,
            up,
            (double)up / seeds,
            0,
            1,
            10 + number,
            null,
            PlantTally.None,
            20,
            null,
            null,
            9,
            Free,
            over,
            null
        )
        {
            ColdDays = cold,
            Counted = Gassel.Core.Fold.Counted.Whole,
        };

    [Fact]
    public void Batches_with_about_the_same_cold_are_one_treatment()
    {
        var compared = Assert.Single(
            TreatmentsCompared.Of([Batch(1, "fridge", 60, 30, 100), Batch(2, "fridge", 66, 40, 100), Batch(3, "fridge", 90, 80, 100)])
        );
        Assert.Equal(["63 days of cold", "90 days of cold"], compared.Arms.Select(a => a.Name));
        Assert.Equal([1, 2], compared.Arms[0].Batches);
        Assert.Equal((70, 200, 0.35), (compared.Arms[0].Germinated, compared.Arms[0].Seeds, compared.Arms[0].Fraction));
        // 30 seedlings after 11 days and 40 after 12
        Assert.Equal(((30 * 11) + (40 * 12)) / 70.0, compared.Arms[0].MeanDays!.Value, 9);
        Assert.Equal("90 days of cold", compared.Best.Name);
        Assert.Contains("not laid out as a trial", compared.Words, StringComparison.Ordinal);
    }

    /// <summary>6 of 8 against 4 of 8, Fisher exact p 0.61: eight seeds cannot tell them apart.</summary>
    [Fact]
    public void Few_seeds_cannot_tell_two_treatments_apart_and_that_is_said()
    {
        var compared = Assert.Single(TreatmentsCompared.Of([Batch(1, "plain", 0, 4, 8), Batch(2, "fridge", 30, 6, 8)]));
        Assert.Equal("plain", compared.Arms.Single(a => a.ColdDays == 0).Name);
        var three = TreatmentsCompared.Of([Batch(1, "plain", 0, 4, 8), Batch(2, "fridge", 30, 6, 8), Batch(3, "fridge", 60, 6, 8)]);
        Assert.Equal(["plain", "fridge, 30 days of cold", "fridge, 60 days of cold"], Assert.Single(three).Arms.Select(a => a.Name));
        Assert.Contains("Fridge gave most, but this much seed cannot tell it from plain", compared.Words, StringComparison.Ordinal);
    }

    [Fact]
    public void One_treatment_alone_and_batches_that_are_not_over_are_not_compared() =>
        Assert.Empty(
            TreatmentsCompared.Of([
                Batch(1, "fridge", 60, 30, 100),
                Batch(2, "fridge", 90, 30, 100, over: false),
                Batch(3, "plain", 0, 5, 50, species: "flax"),
            ])
        );
}
