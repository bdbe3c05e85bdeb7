using CsCheck;
using Gassel.Core.Fold;
using Gassel.Core.Record;

namespace Gassel.Core.Tests.Fold;

/// <summary>Where things stand, all or some: every seed and plant stays in count.</summary>
public class MovedTests
{
    private static Book Up() => Book.SownBalsamroot().Add("2027-03-05", new Count("1", 30, 2, LossCause.DampingOff));

    private static BatchState Run(Book book) => BatchFold.Run(Book.Plan(), book.Entries);

    private static PartState Part(BatchState state, string id) => state.Parts.Single(p => p.Id == id);

    [Fact]
    public void A_whole_part_stands_where_it_was_put_from_that_day_on()
    {
        var part = Assert.Single(Run(Up().Add("2027-03-06", new Moved("1", "table"))).Parts);
        Assert.Equal("table", part.Place);
        Assert.Equal("lamp-shelf", part.PlaceOn(new(2027, 3, 5)));
        Assert.Equal("table", part.PlaceOn(new(2027, 3, 6)));
    }

    [Fact]
    public void Some_of_it_becomes_a_part_of_its_own_and_nothing_is_made_or_lost()
    {
        var state = Run(Up().Add("2027-03-10", new Moved("1", "table", new("1.1", 12, Seeds: 10, Label: "tray 2"))));
        Assert.Empty(state.Conflicts);
        var (stayed, went) = (Part(state, "1"), Part(state, "1.1"));
        Assert.Equal((50, 16, "lamp-shelf"), (stayed.Seeds, stayed.Standing, stayed.Place));
        Assert.Equal((10, 12, "table", "tray 2"), (went.Seeds, went.Standing, went.Place, went.Vessel!.Label));
        Assert.Equal(new DateOnly(2027, 3, 5), went.FirstUpOn);
        Assert.Equal((30, 60), (state.Germinated, state.Living.Sum(p => p.Seeds)));
        Assert.True(state.Plants.IsWhole);
        Assert.Equal((30, 28, 2), (state.Plants.Emerged, state.Plants.Alive, state.Plants.Lost));
    }

    private static Book ByCell() =>
        Book.SownBalsamroot().Add("2027-03-05", new Count("1", 6, 0, Spots: [new(1, null, 3, 0), new(2, null, 1, 0), new(5, null, 2, 0)]));

    [Fact]
    public void Cells_go_whole_with_what_stands_in_them_and_are_counted_where_they_went()
    {
        var state = Run(
            ByCell()
                .Add("2027-03-10", new Moved("1", "table", new("1a", 5, Seeds: 3, Label: "tray 2", Cells: [1, 5])))
                .Add("2027-03-12", new Count("1a", 1, 0, Spots: [new(5, null, 1, 0)]))
        );
        Assert.Empty(state.Conflicts);
        var (stayed, went) = (Part(state, "1"), Part(state, "1a"));
        Assert.Equal([(2, 1)], CellTally.Of(stayed).Cells.Select(c => (c.Cell, c.Standing)));
        Assert.Equal([(1, 3), (5, 3)], CellTally.Of(went).Cells.Select(c => (c.Cell, c.Standing)));
        Assert.Equal((true, true), (CellTally.Of(stayed).IsWhole, CellTally.Of(went).IsWhole));
        Assert.Equal([1, 5], went.SownAs!.Cells!);
        Assert.DoesNotContain(5, stayed.SownAs!.Cells!);
        // of four to a cell, three came up in the first
        Assert.Equal(1, CellTally.Of(went).Cells[0].Waiting(4));
        Assert.Null(CellTally.Of(went).Cells[0].Waiting(null));
        Assert.Equal((1, 6), (stayed.Standing, went.Standing));
    }

    [Fact]
    public void A_cell_that_went_is_not_counted_nor_moved_once_more()
    {
        var book = ByCell().Add("2027-03-10", new Moved("1", "table", new("1a", 3, Cells: [1])));
        book.Add("2027-03-12", new Count("1", 1, 0, Spots: [new(1, null, 1, 0)]))
            .Add("2027-03-13", new Moved("1", "table", new("1b", 1, Cells: [1])))
            .Add("2027-03-14", new Moved("1a", "yard", new("1aa", 1, Cells: [2])));
        Assert.Equal(
            [ConflictCode.SpotNotOfPart, ConflictCode.SpotNotOfPart, ConflictCode.SpotNotOfPart],
            Run(book).Conflicts.Select(c => c.Code)
        );
    }

    /// <summary>Fails where cells are taken from what was never sown: the fold would break, and the book with it.</summary>
    [Theory]
    [InlineData()]
    [InlineData(1)]
    public void Seed_in_a_bag_has_no_cells_to_take(params int[] cells)
    {
        var state = Run(
            new Book()
                .Add("2026-12-01", new StepStarted("1", 0, 60, "cold-shelf", new(VesselKind.Bag, "bag 1")))
                .Add("2026-12-10", new Moved("1", "garage", new("1a", 0, Seeds: 25, Cells: cells)))
        );
        Assert.Equal(ConflictCode.SpotNotOfPart, Assert.Single(state.Conflicts).Code);
        Assert.Single(state.Parts);
    }

    [Fact]
    public void What_went_is_counted_potted_and_lost_there()
    {
        var state = Run(
            Up()
                .Add("2027-03-10", new Moved("1", "table", new("1.1", 12, Seeds: 10)))
                .Add("2027-03-14", new Count("1.1", 3, 1, LossCause.Dried))
                .Add("2027-03-20", new MovedOn("1.1", PlantStage.Seedling, PlantStage.Potted, 14))
                .Add("2027-03-25", new Moved("1.1", "yard", new("1.1.1", 6, PlantStage.Potted)))
        );
        Assert.Empty(state.Conflicts);
        Assert.Equal(8, Part(state, "1.1").Plants.At(PlantStage.Potted).Alive);
        Assert.Equal(6, Part(state, "1.1.1").Plants.At(PlantStage.Potted).Alive);
        Assert.Equal((33, 30, 3), (state.Plants.Emerged, state.Plants.Alive, state.Plants.Lost));
        Assert.All(state.Living, p => Assert.True(p.Plants.IsWhole));
    }

    [Fact]
    public void Seed_in_a_bag_may_stand_at_two_places()
    {
        var state = Run(
            new Book()
                .Add("2026-12-01", new StepStarted("1", 0, 60, "cold-shelf", new(VesselKind.Bag, "bag 1")))
                .Add("2026-12-10", new Moved("1", "garage", new("1.1", 0, Seeds: 25)))
                .Add("2027-02-20", new Sown("1.1", "lamp-shelf", new(VesselKind.Tray, "tray 1", 72)))
        );
        Assert.Empty(state.Conflicts);
        Assert.Equal((35, 25), (Part(state, "1").Seeds, Part(state, "1.1").Seeds));
        Assert.Equal("garage", Part(state, "1.1").PlaceOn(new(2026, 12, 10)));
        Assert.Equal("cold-shelf", Part(state, "1.1").PlaceOn(new(2026, 12, 9)));
    }

    [Theory]
    [InlineData(29, 0, ConflictCode.MorePlantsThanSeedlings)]
    [InlineData(1, 31, ConflictCode.MoreSeedMovedThanLeft)]
    [InlineData(0, 0, ConflictCode.MovesAllOrNothing)]
    [InlineData(28, 30, ConflictCode.MovesAllOrNothing)]
    public void More_than_is_there_none_and_all_are_no_some(int plants, int seeds, ConflictCode code)
    {
        var state = Run(Up().Add("2027-03-10", new Moved("1", "table", new("1.1", plants, Seeds: seeds))));
        Assert.Equal(code, Assert.Single(state.Conflicts).Code);
        Assert.Single(state.Parts);
    }

    [Fact]
    public void Any_gestures_in_any_order_keep_every_seed_and_plant_in_count()
    {
        var gesture = Gen.Select(Gen.Int[0, 8], Gen.Int[0, 3], Gen.Int[0, 20], Gen.Int[0, 20], Gen.Int[0, 4], Gen.Int[0, 4]);
        gesture
            .Array[1, 25]
            .Sample(gestures =>
            {
                var book = Up();
                var day = new DateOnly(2027, 3, 6);
                var parts = new List<string> { "1" };
                foreach (var (what, whose, a, b, from, to) in gestures)
                {
                    var part = parts[whose % parts.Count];
                    var (stage, next) = ((PlantStage)from, (PlantStage)to);
                    if (what == 0)
                        parts.Add($"{part}.{parts.Count}");
                    book.Add(
                        day = day.AddDays(1),
                        what switch
                        {
                            0 => new Moved(part, "table", new(parts[^1], a, stage, b)),
                            1 => new Moved(part, "yard"),
                            2 => new Count(part, a, b / 4),
                            3 => new MovedOn(part, stage, next, a),
                            4 when stage != PlantStage.Seedling => new PlantsLost(part, stage, a, LossCause.Dried),
                            4 => new DiedBack(part, stage, b),
                            5 => new CameAgain(part, stage, a),
                            6 => new SymptomSeen(part, (Symptom)(a % 12), (SymptomCourse)to),
                            7 => new Measured(part, a + 1),
                            _ => new ColdAgain(part, a + 1, "table", null),
                        }
                    );
                }
                var state = Run(book);
                Assert.Equal(60, state.Living.Sum(p => p.Seeds));
                Assert.True(state.Plants.IsWhole);
                Assert.All(state.Parts, p => Assert.True(p.Plants.IsWhole));
                Assert.Equal(state.Living.Sum(p => p.Emerged), state.Plants.Emerged);
            });
    }
}
