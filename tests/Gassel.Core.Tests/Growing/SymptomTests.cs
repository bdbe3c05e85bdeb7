using Gassel.Core.Due;
using Gassel.Core.Fold;
using Gassel.Core.Growing;
using Gassel.Core.Record;

namespace Gassel.Core.Tests.Growing;

/// <summary>Seen before anything is lost: looked at again, watched as it spreads, and the loss put down to it.</summary>
public class SymptomTests
{
    private static readonly BatchPlan Plan = Book.Plan("globemallow", "2027-01-10");

    private static DateOnly D(string day) => DateOnly.ParseExact(day, "yyyy-MM-dd");

    private static Book Up() =>
        new Book()
            .Add("2027-02-20", new Sown("1", "lamp-shelf", new(VesselKind.Tray, "tray 1", 72), Seeds: 60))
            .Add("2027-03-01", new Count("1", 30, 0));

    private static PartState Part(Book book)
    {
        var state = BatchFold.Run(Plan, book.Entries);
        Assert.Empty(state.Conflicts);
        return state.Parts[0];
    }

    private static DueItem? Again(Book book, string today) =>
        DueWork
            .For(Plan, BatchFold.Run(Plan, book.Entries), Book.Of("globemallow"), D(today))
            .SingleOrDefault(d => d.Kind == DueKind.LookAgain);

    [Fact]
    public void It_is_looked_at_again_until_it_is_gone()
    {
        var seen = Up().Add("2027-03-05", new SymptomSeen("1", Symptom.FungusGnats));
        Assert.Equal(D("2027-03-10"), Again(seen, "2027-03-06")!.DueOn);
        Assert.Contains("Let the surface dry", Again(seen, "2027-03-06")!.Cost, StringComparison.Ordinal);
        var worse = seen.Add("2027-03-10", new SymptomSeen("1", Symptom.FungusGnats, SymptomCourse.Worse));
        Assert.Equal((D("2027-03-15"), 2), (Again(worse, "2027-03-17")!.DueOn, Again(worse, "2027-03-17")!.LateDays));
        Assert.Null(Again(worse.Add("2027-03-17", new SymptomSeen("1", Symptom.FungusGnats, SymptomCourse.Gone)), "2027-03-30"));
    }

    [Fact]
    public void Of_several_the_most_pressing_gives_the_day()
    {
        var both = Up().Add("2027-03-05", new SymptomSeen("1", Symptom.Leggy)).Add("2027-03-06", new SymptomSeen("1", Symptom.DampingOff));
        var again = Again(both, "2027-03-07")!;
        Assert.Equal(D("2027-03-08"), again.DueOn);
        Assert.StartsWith("Leggy growth, damping off since 5 Mar", again.Cost.Said(), StringComparison.Ordinal);
        Assert.Contains(again.Working, w => w.Contains("gloves and mask", StringComparison.Ordinal));
    }

    [Fact]
    public void A_later_loss_is_put_down_to_it_and_one_of_another_cause_is_not()
    {
        var book = Up()
            .Add("2027-03-05", new SymptomSeen("1", Symptom.DampingOff))
            .Add("2027-03-08", new Count("1", 0, 4, LossCause.DampingOff))
            .Add("2027-03-09", new Count("1", 0, 2, LossCause.Dried))
            .Add("2027-03-10", new SymptomSeen("1", Symptom.DampingOff, SymptomCourse.Gone))
            .Add("2027-03-20", new MovedOn("1", PlantStage.Seedling, PlantStage.Potted, 20))
            .Add("2027-03-22", new PlantsLost("1", PlantStage.Potted, 1, LossCause.DampingOff))
            .Add("2027-05-22", new PlantsLost("1", PlantStage.Potted, 1, LossCause.DampingOff));
        Assert.Equal(5, Assert.Single(Part(book).Symptoms).Lost);
        // before it was seen
        var after = Up()
            .Add("2027-03-03", new Count("1", 0, 4, LossCause.DampingOff))
            .Add("2027-03-05", new SymptomSeen("1", Symptom.DampingOff));
        Assert.Equal(0, Assert.Single(Part(after).Symptoms).Lost);
    }

    [Fact]
    public void What_goes_from_tray_to_tray_is_told_at_the_place_and_what_the_place_does_is_not_called_spreading()
    {
        (int, PartState) Seen(int number, string on, Symptom what) => (number, Part(Up().Add(on, new SymptomSeen("1", what))));
        var there = new[]
        {
            Seen(3, "2027-03-02", Symptom.FungusGnats),
            Seen(4, "2027-03-09", Symptom.FungusGnats),
            Seen(5, "2027-03-10", Symptom.Leggy),
            (6, Part(Up())),
        };
        var spread = SymptomSpread.At(there, D("2027-03-11"));
        Assert.Equal(
            "Fungus gnats in 2 of 4 vessels here (B-3, B-4), first seen 2 Mar; 1 more in the last week: it spreads.",
            spread[0].Words.Said().Replace(" 2027", "", StringComparison.Ordinal)
        );
        Assert.Equal(0, spread[1].Newly);
        Assert.DoesNotContain("spreads", SymptomSpread.At(there, D("2027-03-30"))[0].Words, StringComparison.Ordinal);
        Assert.Empty(SymptomSpread.At([(6, Part(Up()))], D("2027-03-11")));
    }

    [Fact]
    public void Every_symptom_has_something_to_do_and_a_day_for_the_next_look()
    {
        Assert.Equal(Enum.GetValues<Symptom>(), SymptomAdvice.All.Select(a => a.What));
        Assert.All(SymptomAdvice.All, a => Assert.InRange(a.LookAgainDays, 2, 7));
        // water, mould, droppings, lamps: whatever can hurt has its caution
        Assert.All(new[] { Symptom.FungusGnats, Symptom.GreyMould, Symptom.Mice, Symptom.ScorchedLeaves }, s =>
            Assert.NotNull(SymptomAdvice.Of(s).Caution)
        );
    }

    [Fact]
    public void What_is_moved_away_takes_the_symptom_with_it()
    {
        var state = BatchFold.Run(
            Plan,
            Up()
                .Add("2027-03-05", new SymptomSeen("1", Symptom.Aphids))
                .Add("2027-03-06", new Moved("1", "table", new("1.1", 10, Seeds: 5)))
                .Entries
        );
        Assert.All(state.Living, p => Assert.True(Assert.Single(p.Symptoms).IsOpen));
    }
}
