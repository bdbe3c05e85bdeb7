using Gassel.Core.Due;
using Gassel.Core.Fold;
using Gassel.Core.Places;
using Gassel.Core.Record;
using Gassel.Core.Treatments;

namespace Gassel.Core.Tests.Fold;

/// <summary>What is left of a sowing may go back into the cold (common practice, no source) and is counted on afterwards.</summary>
public class SecondColdTests
{
    private static Book Some() => Book.SownBalsamroot().Add("2027-03-05", new Count("1", 12, 0));

    private static BatchState Run(Book book) => BatchFold.Run(Book.Plan(), book.Entries);

    private static IEnumerable<DueItem> Due(Book book, string today) =>
        DueWork.For(
            Book.Plan(),
            Run(book),
            Book.Of("balsamroot"),
            DateOnly.Parse(today, System.Globalization.CultureInfo.InvariantCulture)
        );

    [Fact]
    public void It_lies_in_the_cold_until_it_is_taken_out_and_is_counted_from_then_on()
    {
        var cold = Some().Add("2027-04-20", new ColdAgain("1", 60, "cold-shelf"));
        var part = Assert.Single(Run(cold).Parts);
        Assert.Equal((new DateOnly(2027, 4, 20), 60, "cold-shelf"), (part.SecondCold!.Value.From, part.SecondCold.Value.Days, part.Place));
        var due = Assert.Single(Due(cold, "2027-05-01"), d => d.Kind is DueKind.EndSecondCold or DueKind.CountSeedlings);
        Assert.Equal((DueKind.EndSecondCold, new DateOnly(2027, 6, 19)), (due.Kind, due.DueOn));

        var outside = cold.Add("2027-06-20", new ColdAgainEnded("1", "lamp-shelf"));
        part = Assert.Single(Run(outside).Parts);
        Assert.Null(part.SecondCold);
        Assert.Equal(("lamp-shelf", new DateOnly(2027, 6, 20)), (part.Place, part.WaitsFrom));
        var look = Assert.Single(Due(outside, "2027-06-21"), d => d.Kind == DueKind.CountSeedlings);
        Assert.True(look.DueOn > new DateOnly(2027, 6, 20));
        Assert.Equal(15, Run(outside.Add("2027-07-10", new Count("1", 3, 0))).Germinated);
    }

    /// <summary>By temperature as the first cold is: warm days count nothing, and all it asks for is what was set.</summary>
    [Fact]
    public void It_is_measured_from_the_day_it_went_back_in()
    {
        var places = UsualPlaces.Starter.ToDictionary(p => p.Id);
        ColdSoFar? Cold(Book book, string on) =>
            ColdSoFar.Of(
                Book.Plan(),
                Run(book).Parts[0],
                places,
                new Temperatures(),
                ColdResponse.Default,
                DateOnly.Parse(on, System.Globalization.CultureInfo.InvariantCulture)
            );
        var cold = Some().Add("2027-04-20", new ColdAgain("1", 60, "cold-shelf"));
        var so = Cold(cold, "2027-05-20")!;
        Assert.Equal((30.0, 30.0, 60, 60), (so.All.Days, so.All.Effective, so.Shortest.Days, so.Usual.Days));
        Assert.Equal(new DateOnly(2027, 6, 18), so.Usual.Weighted.AllKept);
        // a winter that it had out of doors before does not meet it
        var winter = new OutdoorForecast(60, 90, new(2027, 1, 20), new(2027, 4, 1), new(2027, 4, 10), new(2027, 4, 20));
        var stoodOut = Run(cold).Parts[0] with { Outdoors = winter };
        Assert.Equal(
            new DateOnly(2027, 6, 18),
            ColdSoFar.Of(Book.Plan(), stoodOut, places, new Temperatures(), ColdResponse.Default, new(2027, 5, 1))!.Usual.Weighted.AllKept
        );
        var moved = cold.Add("2027-04-30", new Moved("1", "heat-mat"));
        Assert.Equal(10.0, Cold(moved, "2027-05-20")!.All.Effective);
        Assert.Null(Cold(cold.Add("2027-06-20", new ColdAgainEnded("1", "lamp-shelf")), "2027-06-21"));
    }

    /// <summary>Fails where only an open germination asks: pricking out one seedling begins growing on.</summary>
    [Fact]
    public void It_is_asked_for_also_when_the_first_seedlings_were_pricked_out()
    {
        var cold = Some()
            .Add("2027-03-25", new MovedOn("1", PlantStage.Seedling, PlantStage.PrickedOut, 12))
            .Add("2027-04-20", new ColdAgain("1", 60, "cold-shelf"));
        Assert.Single(Due(cold, "2027-05-01"), d => d.Kind == DueKind.EndSecondCold);
        Assert.Single(Due(cold.Add("2027-06-20", new ColdAgainEnded("1")), "2027-06-21"), d => d.Kind == DueKind.CountSeedlings);
    }

    [Fact]
    public void What_is_offered_is_as_long_as_the_cold_of_its_route()
    {
        var places = UsualPlaces.Starter;
        var part = Run(Some()).Parts[0];
        var offer = SecondColdOffer.Of(Book.Plan(), part, places)!;
        // the starter route by the fridge: 60, usually 84, at most 112 days (from memory)
        Assert.Equal((84, "cold-shelf"), (offer.Days, offer.Place));
        Assert.Equal(60, SecondColdOffer.Of(Book.Plan("alumroot"), part, places)!.Days);
        Assert.Null(SecondColdOffer.Of(Book.Plan(), Run(Some().Add("2027-04-20", new ColdAgain("1", 60))).Parts[0], places));
        Assert.Null(SecondColdOffer.Of(Book.Plan(), part, [])!.Place);
    }

    [Fact]
    public void It_needs_seed_that_waits_and_is_given_once_at_a_time()
    {
        ConflictCode Code(Book book) => Assert.Single(Run(book).Conflicts).Code;
        var bag = new Book().Add("2026-12-01", new StepStarted("1", 0, 60, "cold-shelf"));
        Assert.Equal(ConflictCode.NotSown, Code(bag.Add("2026-12-05", new ColdAgain("1", 60))));
        Assert.Equal(
            ConflictCode.NoSeedWaits,
            Code(Book.SownBalsamroot().Add("2027-03-05", new Count("1", 60, 0)).Add("2027-04-01", new ColdAgain("1", 60)))
        );
        Assert.Equal(
            ConflictCode.SowingIsClosed,
            Code(Some().Add("2027-04-01", new SowingClosed("1")).Add("2027-04-02", new ColdAgain("1", 60)))
        );
        Assert.Equal(
            ConflictCode.StepAlreadyStarted,
            Code(Some().Add("2027-04-01", new ColdAgain("1", 60)).Add("2027-04-02", new ColdAgain("1", 60)))
        );
        Assert.Equal(ConflictCode.StepNotOpen, Code(Some().Add("2027-04-01", new ColdAgainEnded("1"))));
    }
}
