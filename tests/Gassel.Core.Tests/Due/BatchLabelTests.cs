using Gassel.Core.Due;
using Gassel.Core.Record;

namespace Gassel.Core.Tests.Due;

/// <summary>What stands on a label. Warnings are common practice, no source.</summary>
public class BatchLabelTests
{
    private static BatchLabel Of(Book book, string species = "balsamroot", int part = 0)
    {
        var plan = Book.Plan(species);
        return BatchLabel.Of(7, plan, book.Fold(plan).Parts[part], Book.Of(species), "lot 1");
    }

    private static Book InTheCold => new Book().Add("2026-12-01", new StepStarted("1", 0, 60, "cold-shelf", new(VesselKind.Bag, "bag 7")));

    [Fact]
    public void A_bag_in_the_cold_says_since_when_and_what_is_due()
    {
        var label = Of(InTheCold);
        Assert.Equal(
            ("B-7", "bag 7", "cold-moist", new DateOnly(2026, 12, 1), "due 23 Feb 2027: sow"),
            (label.Code, label.Vessel, label.Step, label.In!.Value, label.Due.Said())
        );
        Assert.Empty(label.Warnings);
        Assert.True(label.Stale);
    }

    [Fact]
    public void A_batch_not_begun_says_when_it_is_to_start_and_a_sown_one_when_to_look_for_seedlings()
    {
        Assert.Equal((null, "to start 1 Dec 2026"), (Of(new Book()).In, Of(new Book()).Due.Said()));
        Assert.Equal("up 25 Feb 2027 to 22 Mar 2027", Of(Book.SownBalsamroot()).Due.Said());
    }

    [Fact]
    public void A_printed_label_is_good_until_the_step_or_the_vessel_changes()
    {
        var book = InTheCold.Add("2026-12-02", new Labelled("1", 1, 1));
        Assert.Equal((false, new DateOnly(2026, 12, 2)), (Of(book).Stale, Of(book).Printed!.Value));
        Assert.True(Of(book.Add("2027-02-20", new Sown("1", "lamp-shelf", new(VesselKind.Tray, "tray 7", 72)))).Stale);
        Assert.False(Of(book.Add("2027-02-20", new Labelled("1", 0, 1))).Stale);
    }

    [Fact]
    public void Parts_of_a_divided_batch_have_a_code_of_their_own_and_want_labels()
    {
        var label = Of(
            InTheCold.Add("2026-12-02", new Labelled("1", 1, 1)).Add("2027-01-20", new Split("1", [new("1.1", 6, 0), new("1.2", 54, 0)])),
            part: 2
        );
        Assert.Equal(("B-7.1.2", true), (label.Code, label.Stale));
    }

    [Theory]
    [InlineData("meadow-death-camas", "TOXIC", "TOXIC: All parts are toxic; is NOT small camas; label lost: discard")]
    [InlineData("small-camas", null, "looks like meadow death camas, toxic")]
    [InlineData("snowberry", "IRRITANT", "IRRITANT: gloves")]
    [InlineData("goldenbanner", "TOXIC", "TOXIC: *; label lost: discard")]
    public void What_harms_says_so_and_names_the_plant_that_it_is_not(string species, string? hazard, string warnings)
    {
        var label = Of(new Book(), species);
        Assert.Equal(hazard, label.Hazard);
        var said = string.Join("; ", label.Warnings);
        if (warnings.Split('*') is [var start, var end])
            Assert.True(said.StartsWith(start, StringComparison.Ordinal) && said.EndsWith(end, StringComparison.Ordinal), said);
        else
            Assert.Equal(warnings, said);
    }
}
