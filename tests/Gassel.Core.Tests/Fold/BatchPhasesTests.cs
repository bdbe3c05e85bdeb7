using Gassel.Core.Fold;
using Gassel.Core.Record;

namespace Gassel.Core.Tests.Fold;

/// <summary>How far a batch is, as a grower would say it.</summary>
public sealed class BatchPhasesTests
{
    private static BatchPhase Of(Book book) => BatchPhases.Of(Book.Plan(), book.Fold());

    [Fact]
    public void It_goes_from_planned_over_treatment_and_sowing_to_growing_on_and_closed()
    {
        var book = new Book();
        Assert.Equal(BatchPhase.Planned, Of(book));
        book = Book.SownBalsamroot();
        Assert.Equal(BatchPhase.Sown, Of(book));
        Assert.Equal(BatchPhase.InTreatment, BatchPhases.Of(Book.Plan(), BatchFold.Run(Book.Plan(), [.. book.Entries.Take(1)])));
        book.Add("2027-03-10", new Count("1", 12, 0));
        Assert.Equal(BatchPhase.Sown, Of(book));
        book.Add("2027-03-20", new MovedOn("1", PlantStage.Seedling, PlantStage.Potted, 5));
        Assert.Equal(BatchPhase.GrowingOn, Of(book));
        book.Add("2027-06-01", new Closed());
        Assert.Equal(BatchPhase.Closed, Of(book));
    }
}
