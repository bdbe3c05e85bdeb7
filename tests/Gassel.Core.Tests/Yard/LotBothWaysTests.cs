using Gassel.Core.Fold;
using Gassel.Core.Record;
using Gassel.Core.Treatments;
using Gassel.Core.Yard;

namespace Gassel.Core.Tests.Yard;

/// <summary>One lot indoors and outdoors. The batches are made for the test.</summary>
public class LotBothWaysTests
{
    /// <summary>60 seeds sown, of which so many came up on one day.</summary>
    private static CountedBatch Batch(int number, int up, bool given = true)
    {
        var book = new Book()
            .Add("2026-12-01", new StepStarted("1", 0, 60, "cold-shelf", new(VesselKind.Bag, "bag 1")))
            .Add("2027-02-20", new Sown("1", "lamp-shelf", new(VesselKind.Tray, "tray 1", 72)));
        if (up > 0)
            book.Add("2027-03-05", new Count("1", up, 1, LossCause.Slugs));
        book.Add("2027-03-06", new Note("1", "no work"));
        if (given)
            book.Add("2027-03-20", new SowingClosed("1"));
        return new(number, Book.Plan(), BatchFold.Run(Book.Plan(), book.Entries), book.Entries);
    }

    [Fact]
    public void A_difference_is_told_from_the_side_that_came_up_more()
    {
        var indoors = LotBothWays.Of(1, "small camas", [Batch(1, 48)], [Batch(2, 12)]);
        Assert.StartsWith(
            "80 % of 60 indoors, 20 % of 60 outdoors: indoors came up more, by 60 points, between ",
            indoors.Sentence,
            StringComparison.Ordinal
        );
        var outdoors = LotBothWays.Of(1, "small camas", [Batch(1, 12)], [Batch(2, 48)]);
        Assert.Contains("outdoors came up more, by 60 points, between ", outdoors.Sentence, StringComparison.Ordinal);
        // the same numbers the other way round have the same interval, and none of its ends is negative
        string Interval(LotBothWays lot) => lot.Sentence.Split(". This")[0].Split("between")[1];
        Assert.Equal(Interval(indoors), Interval(outdoors));
        Assert.DoesNotContain('−', Interval(outdoors));
    }

    [Fact]
    public void Few_seeds_tell_nothing_and_what_goes_on_is_not_over()
    {
        var lot = LotBothWays.Of(1, "small camas", [Batch(1, 30)], [Batch(2, 27, given: false)]);
        Assert.StartsWith(
            "Not over. So far: 50 % of 60 indoors, 45 % of 60 outdoors: this many seeds cannot tell the two apart "
                + "(indoors by 5 points, between −",
            lot.Sentence,
            StringComparison.Ordinal
        );
        Assert.True(lot.Indoors.IsOver);
        Assert.False(lot.Outdoors.IsOver);
    }

    [Fact]
    public void Work_days_and_losses_are_those_of_the_entries()
    {
        var way = LotBothWays.Of(1, "small camas", [Batch(1, 30), Batch(3, 12)], [Batch(2, 0)]).Indoors;
        // bag, sowing, count and giving up of each; a note is no work
        Assert.Equal((8, 120, 42), (way.Gestures, way.Seeds, way.Emerged));
        // from 1 December to 5 March
        Assert.Equal(94, way.MeanDays);
        Assert.Equal([new CauseLost(LossCause.Slugs, 2)], way.Lost);
    }

    [Theory]
    [InlineData("2026-12-10", "first wave, before midwinter")]
    [InlineData("2027-01-10", "second wave, midwinter")]
    [InlineData("2027-02-20", "third wave, late winter")]
    [InlineData("2027-03-20", "any time to early spring")]
    public void The_wave_of_a_species_is_that_of_its_last_good_day(string latest, string words)
    {
        DateOnly first = new(2026, 10, 1);
        var window = new SetOutWindow(first, DateOnly.ParseExact(latest, "yyyy-MM-dd", System.Globalization.CultureInfo.InvariantCulture));
        Assert.Equal(words, SetOutWave.Words(window, first, SeedlingHardiness.Hardy));
        Assert.StartsWith("spring", SetOutWave.Words(window, first, SeedlingHardiness.Tender), StringComparison.Ordinal);
        Assert.StartsWith("as early as possible", SetOutWave.Words(null, first, SeedlingHardiness.Hardy), StringComparison.Ordinal);
    }
}
