using CsCheck;
using Gassel.Core.Fold;
using Gassel.Core.Record;
using Gassel.Core.Treatments;

namespace Gassel.Core.Tests.Fold;

/// <summary>From seedling to plant: numbers stay whole through every stage.</summary>
public class PlantFoldTests
{
    private static Book Sown() =>
        new Book()
            .Add("2026-12-01", new StepStarted("1", 0, 60, "cold-shelf", new(VesselKind.Bag, "bag 1")))
            .Add("2027-02-20", new Sown("1", "lamp-shelf", new(VesselKind.Tray, "tray 1", 72)))
            .Add("2027-03-05", new Count("1", 30, 2, LossCause.DampingOff));

    private static BatchState Run(Book book) => BatchFold.Run(Book.Plan(), book.Entries);

    [Fact]
    public void Plants_go_from_the_tray_to_the_ground_and_every_one_is_accounted_for()
    {
        var state = Run(
            Sown()
                .Add("2027-03-20", new MovedOn("1", PlantStage.Seedling, PlantStage.PrickedOut, 24, "plugs"))
                .Add("2027-04-10", new PlantsLost("1", PlantStage.PrickedOut, 3, LossCause.Dried))
                .Add("2027-04-20", new MovedOn("1", PlantStage.PrickedOut, PlantStage.Potted, 20))
                .Add("2027-05-10", new MovedOn("1", PlantStage.Potted, PlantStage.Hardened, 19))
                .Add("2027-05-20", new MovedOn("1", PlantStage.Hardened, PlantStage.Planted, 15))
        );
        Assert.Empty(state.Conflicts);
        var plants = state.Plants;
        Assert.True(plants.IsWhole);
        Assert.Equal([4, 1, 1, 4, 15], plants.Stages.Select(s => s.Alive));
        Assert.Equal([30, 24, 20, 19, 15], plants.Stages.Select(s => s.Reached));
        Assert.Equal(5, plants.Lost);
        Assert.Equal(4, state.Parts[0].Standing);
        Assert.Equal(30, state.Germinated);
    }

    [Fact]
    public void Potted_plants_go_into_the_next_pot_and_stay_potted()
    {
        var state = Run(
            Sown()
                .Add("2027-03-20", new MovedOn("1", PlantStage.Seedling, PlantStage.Potted, 20, PotCm: 6))
                .Add("2027-04-20", new MovedOn("1", PlantStage.Potted, PlantStage.Potted, 18, PotCm: 9))
        );
        Assert.Empty(state.Conflicts);
        Assert.Equal(20, state.Plants.At(PlantStage.Potted).Alive);
        Assert.Equal(20, state.Plants.At(PlantStage.Potted).Reached);
        Assert.Equal((new DateOnly(2027, 4, 20), 9), (state.Parts[0].PottedOn!.Value, state.Parts[0].PotCm!.Value));
        Assert.True(state.Plants.IsWhole);
        var tooMany = Run(Sown().Add("2027-03-20", new MovedOn("1", PlantStage.Potted, PlantStage.Potted, 1)));
        Assert.Equal(ConflictCode.MorePlantsThanThere, Assert.Single(tooMany.Conflicts).Code);
    }

    [Fact]
    public void A_stage_may_be_passed_over_and_counts_as_reached()
    {
        var plants = Run(Sown().Add("2027-04-20", new MovedOn("1", PlantStage.Seedling, PlantStage.Planted, 28))).Plants;
        Assert.Equal([30, 28, 28, 28, 28], plants.Stages.Select(s => s.Reached));
        Assert.True(plants.IsWhole);
    }

    [Fact]
    public void Pricking_out_begins_growing_on_and_the_last_plant_in_the_ground_ends_the_route()
    {
        var plan = Book.Plan();
        var book = Sown().Add("2027-03-20", new MovedOn("1", PlantStage.Seedling, PlantStage.PrickedOut, 28));
        Assert.Equal(StepKind.GrowOn, plan.Steps[Run(book).Parts[0].Open!.Step].Step.Kind);
        Assert.True(Run(book.Add("2027-05-20", new MovedOn("1", PlantStage.PrickedOut, PlantStage.Planted, 28))).Parts[0].IsDone(plan));
    }

    [Theory]
    [InlineData(PlantStage.Seedling, PlantStage.Potted, 29, ConflictCode.MorePlantsThanSeedlings, 28)]
    [InlineData(PlantStage.PrickedOut, PlantStage.Potted, 1, ConflictCode.MorePlantsThanThere, 0)]
    [InlineData(PlantStage.Potted, PlantStage.PrickedOut, 1, ConflictCode.StageBackwards, null)]
    public void More_plants_than_seedlings_are_a_conflict_with_its_limit(
        PlantStage from,
        PlantStage to,
        int plants,
        ConflictCode code,
        int? limit
    )
    {
        var conflict = Assert.Single(Run(Sown().Add("2027-04-01", new MovedOn("1", from, to, plants))).Conflicts);
        Assert.Equal((code, limit), (conflict.Code, conflict.Limit));
    }

    [Fact]
    public void Nothing_is_planted_before_it_is_sown()
    {
        var state = Run(
            new Book()
                .Add("2026-12-01", new StepStarted("1", 0, 60, "cold-shelf"))
                .Add("2026-12-02", new MovedOn("1", PlantStage.Seedling, PlantStage.Planted, 1))
        );
        Assert.Equal(ConflictCode.NotSown, Assert.Single(state.Conflicts).Code);
    }

    [Fact]
    public void Died_back_is_dormant_and_no_loss_and_comes_again_next_year()
    {
        var book = Sown()
            .Add("2027-04-20", new MovedOn("1", PlantStage.Seedling, PlantStage.Potted, 28))
            .Add("2027-07-10", new DiedBack("1", PlantStage.Potted, 28));
        var asleep = Run(book).Plants;
        Assert.Equal((0, 28, 2), (asleep.Alive, asleep.Dormant, asleep.Lost));
        var awake = Run(
            book.Add("2028-04-02", new CameAgain("1", PlantStage.Potted, 25)).Add("2028-05-20", new PlantsLost("1", PlantStage.Potted, 3))
        ).Plants;
        Assert.True(awake.IsWhole);
        // the three that were lost grew: those that sleep are not touched while any grows
        Assert.Equal((22, 3, 5), (awake.Alive, awake.Dormant, awake.Lost));
        Assert.Equal(
            ConflictCode.MoreThanSleep,
            Assert.Single(Run(book.Add("2028-06-01", new CameAgain("1", PlantStage.Potted, 4))).Conflicts).Code
        );
    }

    [Fact]
    public void Seedlings_that_died_back_do_not_stand_and_are_not_lost()
    {
        var part = Run(Sown().Add("2027-06-10", new DiedBack("1", PlantStage.Seedling, 28))).Parts[0];
        Assert.Equal((0, 28, 2), (part.Standing, part.Plants.Dormant, part.Lost));
        Assert.True(part.Plants.IsWhole);
    }

    [Fact]
    public void Closed_books_take_nothing_more_until_the_closing_is_taken_back()
    {
        var book = Sown().Add("2027-06-01", new Closed("enough"));
        Assert.Equal(new DateOnly(2027, 6, 1), Run(book).BooksClosedOn);
        Assert.True(Run(book).Parts[0].IsDone(Book.Plan()));
        book.Add("2027-06-02", new Count("1", 1, 0));
        Assert.Equal(ConflictCode.BooksClosed, Assert.Single(Run(book).Conflicts).Code);
        var closing = book.Entries.Single(e => e.Payload is Closed).Id;
        Assert.Empty(Run(book.Add("2027-06-03", new VoidEntry(closing))).Conflicts);
    }

    /// <summary>Whatever is recorded, in whatever order, no plant is made out of nothing.</summary>
    [Fact]
    public void No_sequence_of_entries_makes_plants_out_of_nothing()
    {
        var stage = Gen.Enum<PlantStage>();
        var number = Gen.Int[1, 40];
        var payload = Gen.OneOf<EntryPayload>(
            Gen.Select(number, Gen.Int[0, 20], (up, lost) => (EntryPayload)new Count("1", up, lost)),
            Gen.Select(stage, stage, number, (from, to, n) => (EntryPayload)new MovedOn("1", from, to, n)),
            Gen.Select(stage, number, (s, n) => (EntryPayload)new PlantsLost("1", s, n)),
            Gen.Select(stage, number, (s, n) => (EntryPayload)new DiedBack("1", s, n)),
            Gen.Select(stage, number, (s, n) => (EntryPayload)new CameAgain("1", s, n)),
            Gen.Const((EntryPayload)new StepStarted("1", 2)),
            Gen.Select(number, n => (EntryPayload)new MovedOn("1", PlantStage.Seedling, PlantStage.Potted, n, Divided: true, PotCm: 9)),
            Gen.Const((EntryPayload)new TrueLeaves("1")),
            Gen.Const((EntryPayload)new CarriedOut("1", 3)),
            Gen.Const((EntryPayload)new Tended("1", Gassel.Core.Record.Tending.Fed)),
            Gen.Const((EntryPayload)new Closed())
        );
        payload
            .Array[0, 40]
            .Sample(
                payloads =>
                {
                    var book = new Book()
                        .Add("2026-12-01", new StepStarted("1", 0, 60, "cold-shelf"))
                        .Add("2027-02-20", new Sown("1", "lamp-shelf", null));
                    for (var i = 0; i < payloads.Length; i++)
                        book.Add(new DateOnly(2027, 3, 1).AddDays(i), payloads[i]);
                    var plants = Run(book).Plants;
                    Assert.True(plants.IsWhole, $"{plants.Emerged} up, {plants.Alive} alive, {plants.Dormant} dormant, {plants.Lost} lost");
                    Assert.InRange(plants.Emerged, 0, 60);
                    Assert.All(plants.Stages.Zip(plants.Stages.Skip(1)), p => Assert.True(p.Second.Reached <= p.First.Reached));
                },
                iter: 2000
            );
    }
}
