using Gassel.Core.Fold;
using Gassel.Core.Growing;
using Gassel.Core.Record;

namespace Gassel.Core.Tests.Growing;

/// <summary>After thinning and dividing the tray, its cells and its count agree.</summary>
public class CellTallyTests
{
    private static Book Tray() =>
        Book.SownBalsamroot().Add("2027-03-10", new Count("1", 6, 0, Spots: [new(1, null, 3, 0), new(2, null, 1, 0), new(5, null, 2, 0)]));

    private static CellTally Of(Book book) => CellTally.Of(book.Fold().Parts[0]);

    [Fact]
    public void Thinned_to_one_every_cell_holds_one()
    {
        var thinned = Of(Tray().Add("2027-03-20", new Count("1", 0, 3, LossCause.Thinned)));
        Assert.Equal([1, 1, 1], thinned.Cells.Select(c => c.Standing));
        Assert.True(thinned.IsWhole);
        var part = Tray().Add("2027-03-20", new Count("1", 0, 3, LossCause.Thinned)).Fold().Parts[0];
        Assert.Equal(
            (part.Standing, 0, true),
            (thinned.Cells.Sum(c => c.Standing), Crowding.Of(part).Surplus!.Value, Crowding.Of(part).IsByCell)
        );
    }

    [Fact]
    public void Divided_seedlings_leave_the_fullest_cells_and_stay_in_count()
    {
        var book = Tray().Add("2027-03-20", new MovedOn("1", PlantStage.Seedling, PlantStage.PrickedOut, 2, Divided: true));
        var part = book.Fold().Parts[0];
        Assert.Equal(part.Standing, Of(book).Cells.Sum(c => c.Standing));
        Assert.Equal([(1, 1), (2, 1), (5, 2)], Of(book).Cells.Select(c => (c.Cell, c.Standing)).Order());
    }

    [Fact]
    public void Lost_without_a_cell_is_not_told_by_cell() =>
        Assert.False(Of(Tray().Add("2027-03-20", new Count("1", 0, 2, LossCause.DampingOff))).IsWhole);
}
