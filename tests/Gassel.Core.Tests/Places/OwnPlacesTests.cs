using Gassel.Core.Planning;
using Gassel.Core.Record;
using Gassel.Core.Treatments;

namespace Gassel.Core.Tests.Places;

/// <summary>Places of a grower's own: everything goes by their kind.</summary>
public class OwnPlacesTests
{
    private static readonly Place Fridge = new("fridge", "Old fridge", PlaceKind.ColdShelf, 3);
    private static readonly Place Sill = new("sill", "Kitchen window", PlaceKind.Windowsill, 20, NightC: 15);
    private static readonly Place Frame = new("frame", "Frame behind the shed", PlaceKind.ColdFrame, 12, NightC: 2);

    [Fact]
    public void Every_kind_has_its_assumptions_and_somewhere_to_go_instead()
    {
        Assert.All(Enum.GetValues<PlaceKind>(), kind =>
        {
            var trait = PlaceTrait.Of(kind);
            Assert.InRange(trait.DayC, trait.NightC, 30);
            Assert.NotEmpty(trait.Instead);
            Assert.DoesNotContain(kind, trait.Instead);
            Assert.NotEmpty(kind.Words());
        });
    }

    [Fact]
    public void A_step_is_done_at_the_kind_that_is_there_or_comes_nearest()
    {
        var cold = new RouteStep(StepKind.ColdMoist, new(30, 60, 90));
        var germinate = new RouteStep(StepKind.Germinate, new(7, 14, 28), new(20, 24));
        Assert.Equal("fridge", UsualPlaces.For(RouteSetting.Indoors, cold, [Sill, Fridge])?.Id);
        Assert.Equal("sill", UsualPlaces.For(RouteSetting.Indoors, germinate, [Fridge, Sill])?.Id);
        Assert.Equal("frame", UsualPlaces.For(RouteSetting.WinterContainer, cold, [Fridge, Frame])?.Id);
        Assert.Null(UsualPlaces.For(RouteSetting.Indoors, cold, [Sill]));
        // nothing new comes to a place that is retired
        Assert.Null(UsualPlaces.For(RouteSetting.Indoors, cold, [Fridge with { RetiredOn = new(2027, 1, 1) }]));
    }

    [Fact]
    public void What_is_assumed_of_a_day_lies_between_day_and_night()
    {
        Assert.Equal(17.5, Sill.AssumedC);
        Assert.Equal(3, Fridge.AssumedC);
    }

    [Theory]
    [InlineData("Cold shelf", PlaceKind.ColdShelf, "cold shelf")]
    [InlineData("Yard, south wall", PlaceKind.Yard, "yard, south wall")]
    [InlineData("Anna's fridge", PlaceKind.ColdShelf, "Anna's fridge")]
    public void A_name_within_a_sentence_is_as_the_grower_wrote_it(string name, PlaceKind kind, string said) =>
        Assert.Equal(said, new Place("x", name, kind, 4).InSentence);

    [Fact]
    public void Room_is_looked_for_where_a_step_will_be_done()
    {
        var places = new[] { Fridge, Sill };
        var taken = ShelfSpace.Of(
            RouteSetting.Indoors,
            [(new(StepKind.Germinate, new(7, 14, 28), new(20, 24)), new(2027, 3, 1), new(2027, 3, 15))],
            trays: 2,
            containers: 1,
            kind => UsualPlaces.Of(kind, places)?.Kind ?? kind
        );
        Assert.Equal([new(PlaceKind.Windowsill, new(2027, 3, 1), new(2027, 3, 15), 2)], taken);
    }
}
