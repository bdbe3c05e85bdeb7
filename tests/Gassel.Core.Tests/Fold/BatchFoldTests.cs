using System.Text.Json;
using CsCheck;
using Gassel.Core.Fold;
using Gassel.Core.Record;
using Check = Gassel.Core.Record.Check;

namespace Gassel.Core.Tests.Fold;

public class BatchFoldTests
{
    [Fact]
    public void A_batch_without_entries_holds_no_seed_yet()
    {
        var state = new Book().Fold();
        Assert.False(state.Started);
        Assert.Single(state.Parts);
        Assert.Empty(state.Conflicts);
    }

    [Fact]
    public void Starting_the_next_step_ends_the_one_before_on_the_same_day()
    {
        var state = new Book().Add("2026-12-01", new StepStarted("1", 0, 60)).Add("2027-02-20", new Sown("1", null, null)).Fold();
        var part = state.Parts[0];
        Assert.Equal(new DateOnly(2027, 2, 20), part.Spans[0].End);
        Assert.Equal(1, part.Open!.Step);
        Assert.Equal(part.SownOn, part.Open.Start);
    }

    /// <summary>Three of sixty sprouted in the bag: they are sown, the rest goes back, every seed stays in the count.</summary>
    [Fact]
    public void Sprouts_picked_out_leave_the_rest_in_the_cold_and_every_seed_in_count()
    {
        var state = new Book()
            .Add("2026-12-01", new StepStarted("1", 0, 60, "cold-shelf"))
            .Add("2027-01-20", new Check("1", Moisture.Right, MouldSeen.None, 3))
            .Add("2027-01-20", new Split("1", [new("1.1", 3, 3), new("1.2", 57, 0)]))
            .Add("2027-01-20", new Sown("1.1", "lamp-shelf", new(VesselKind.Pot, "pot 4")))
            .Fold();
        Assert.Empty(state.Conflicts);
        Assert.Equal(60, state.Living.Sum(p => p.Seeds));
        var sprouts = state.Parts.Single(p => p.Id == "1.1");
        var rest = state.Parts.Single(p => p.Id == "1.2");
        Assert.NotNull(sprouts.SownOn);
        Assert.Equal(3, sprouts.Germinated);
        Assert.Equal(0, rest.Open!.Step);
        Assert.Equal(new DateOnly(2026, 12, 1), rest.Open.Start);
        Assert.Equal(3, state.Germinated);
        Assert.Equal(60, state.SeedsStarted);
    }

    [Fact]
    public void A_sprout_that_emerges_is_not_counted_twice()
    {
        var state = new Book()
            .Add("2026-12-01", new StepStarted("1", 0, 60))
            .Add("2027-02-18", new Check("1", Moisture.Right, MouldSeen.None, 9))
            .Add("2027-02-18", new Sown("1", null, null))
            .Add("2027-02-28", new Count("1", 5, 0))
            .Fold();
        Assert.Equal(9, state.Germinated);
        var later = new Book()
            .Add("2026-12-01", new StepStarted("1", 0, 60))
            .Add("2027-02-18", new Check("1", Moisture.Right, MouldSeen.None, 9))
            .Add("2027-02-18", new Sown("1", null, null))
            .Add("2027-02-28", new Count("1", 25, 0))
            .Fold();
        Assert.Equal(25, later.Germinated);
    }

    /// <summary>R: prop.test(40, 50, correct = FALSE). Forty of fifty over two parts are the same forty of fifty.</summary>
    [Fact]
    public void Germination_of_a_batch_is_taken_over_its_parts()
    {
        Assert.Null(BatchGermination.From(Book.Plan(), new Book().Fold()));
        var state = new Book()
            .Add("2026-12-01", new StepStarted("1", 0, 50))
            .Add("2027-01-20", new Check("1", Moisture.Right, MouldSeen.None, 4))
            .Add("2027-01-20", new Split("1", [new("1.1", 4, 4), new("1.2", 46, 0)]))
            .Add("2027-02-20", new Sown("1.2", null, null))
            .Add("2027-03-01", new Count("1.2", 36, 0))
            .Fold();
        var germination = BatchGermination.From(Book.Plan(), state)!;
        Assert.Equal((40, 50), (germination.Germinated, germination.Seeds));
        Assert.Equal(0.66963, germination.Low, 5);
        Assert.Equal(0.88756, germination.High, 5);
    }

    [Fact]
    public void More_seedlings_than_seed_is_a_conflict_and_the_rest_still_counts()
    {
        var state = Book.SownBalsamroot().Add("2027-03-01", new Count("1", 40, 0)).Add("2027-03-05", new Count("1", 21, 0)).Fold();
        var conflict = Assert.Single(state.Conflicts);
        Assert.Equal((ConflictCode.MoreSeedlingsThanSeeds, 21, 20), (conflict.Code, conflict.Said!.Value, conflict.Limit!.Value));
        Assert.Equal(40, state.Parts[0].Emerged);
    }

    [Fact]
    public void More_lost_than_stand_is_a_conflict()
    {
        var state = Book.SownBalsamroot().Add("2027-03-01", new Count("1", 4, 5)).Fold();
        Assert.Equal(ConflictCode.MoreLostThanStand, Assert.Single(state.Conflicts).Code);
        Assert.Equal(0, state.Parts[0].Emerged);
    }

    [Fact]
    public void A_check_on_a_bag_that_is_out_and_a_count_before_sowing_are_conflicts()
    {
        var checkedLate = Book.SownBalsamroot().Add("2027-03-01", new Check("1", Moisture.Right, MouldSeen.None, 1)).Fold();
        Assert.Equal(ConflictCode.NotInTreatment, Assert.Single(checkedLate.Conflicts).Code);
        var early = Book.SownBalsamroot().Add("2027-02-01", new Count("1", 1, 0)).Fold();
        Assert.Equal(ConflictCode.NotSown, Assert.Single(early.Conflicts).Code);
    }

    [Fact]
    public void A_split_that_loses_a_seed_is_not_done()
    {
        var state = new Book()
            .Add("2026-12-01", new StepStarted("1", 0, 60))
            .Add("2027-01-02", new Split("1", [new("1.1", 3, 0), new("1.2", 56, 0)]))
            .Fold();
        Assert.Equal(ConflictCode.SplitDoesNotAddUp, Assert.Single(state.Conflicts).Code);
        Assert.Single(state.Parts);
    }

    [Fact]
    public void What_was_done_on_sunday_and_recorded_on_monday_counts_on_sunday()
    {
        var late = new Book().Add("2027-02-20", new Sown("1", null, null)).Add("2026-12-01", new StepStarted("1", 0, 60)).Fold();
        Assert.Empty(late.Conflicts);
        Assert.Equal(new DateOnly(2027, 2, 20), late.Parts[0].SownOn);
    }

    [Fact]
    public void A_void_may_be_voided_and_a_void_of_the_unknown_is_held()
    {
        var book = Book.SownBalsamroot().Add("2027-03-01", new Count("1", 4, 0));
        var before = Shape(book.Fold());
        book.Add("2027-03-02", new VoidEntry(Book.IdOf(3)));
        Assert.Equal(0, book.Fold().Parts[0].Emerged);
        book.Add("2027-03-02", new VoidEntry(Book.IdOf(4)));
        Assert.Equal(before, Shape(book.Fold()));

        var held = Book.SownBalsamroot().Add("2027-03-01", new VoidEntry(Book.IdOf(99))).Fold();
        Assert.Equal(EntryFate.Held, held.Log[^1].Fate);
        Assert.Empty(held.Conflicts);
    }

    [Fact]
    public void Taking_back_the_start_takes_everything_that_stands_on_it()
    {
        var book = Book.SownBalsamroot().Add("2027-03-01", new Count("1", 4, 0)).Add("2027-03-01", new Note(null, "warm day"));
        var chain = TakeBack.Chain(Book.Plan(), book.Entries, [Book.IdOf(1)]);
        Assert.Equal([1, 2, 3], chain.Select(e => (int)e.Sequence));
        Assert.Equal([3], TakeBack.Chain(Book.Plan(), book.Entries, [Book.IdOf(3)]).Select(e => (int)e.Sequence));
        Assert.Empty(TakeBack.Chain(Book.Plan(), book.Entries, [Book.IdOf(77)]));
    }

    [Fact]
    public void An_entry_of_a_newer_program_is_kept_and_listed()
    {
        var state = Book.SownBalsamroot().Add("2027-03-01", new Unread("prickedOut", 2, "{}")).Fold();
        Assert.Equal(ConflictCode.Unreadable, Assert.Single(state.Conflicts).Code);
    }

    private static readonly Gen<EntryPayload> AnyPayload = Gen.Select(
        Gen.Int[0, 8],
        Gen.Int[0, 3],
        Gen.Int[-1, 5],
        Gen.Int[0, 70],
        Gen.Int[0, 9],
        (kind, p, step, n, m) =>
        {
            var part = p switch
            {
                0 => "1",
                1 => "1.1",
                2 => "1.2",
                _ => "2",
            };
            return kind switch
            {
                0 => new StepStarted(part, step, n == 0 ? null : n),
                1 => new StepEnded(part, step),
                2 => new Check(part, Moisture.Right, MouldSeen.None, m),
                3 => new Split(part, [new("1.1", n, m), new("1.2", Math.Max(0, 60 - n), 0)]),
                4 => new Sown(part, null, null),
                5 => new Count(part, n, m),
                6 => new VoidEntry(Book.IdOf(n % 12)),
                7 => new Moved(part, "table"),
                _ => (EntryPayload)new Unread("x", 9, "{}"),
            };
        }
    );

    private static readonly Gen<Book> AnyBook = Gen.Select(AnyPayload, Gen.Int[0, 12])
        .List[0, 14]
        .Select(list =>
        {
            var book = new Book().Add("2026-12-01", new StepStarted("1", 0, 60));
            foreach (var (payload, days) in list)
                book.Add(new DateOnly(2026, 12, 1).AddDays(days), payload);
            return book;
        });

    [Fact]
    public void Whatever_the_entries_say_the_fold_stands_and_makes_no_seed()
    {
        AnyBook.Sample(book =>
        {
            var state = book.Fold();
            Assert.Equal(book.Entries.Count, state.Log.Count);
            Assert.Equal(state.SeedsStarted, state.Living.Sum(p => p.Seeds));
            Assert.All(state.Living, p =>
            {
                Assert.InRange(p.Germinated, 0, p.Seeds);
                Assert.InRange(p.Standing, 0, p.Emerged);
            });
            Assert.InRange(state.Germinated, 0, state.SeedsStarted);
        });
    }

    [Fact]
    public void The_order_of_arrival_in_the_list_and_repeats_change_nothing()
    {
        Gen.Select(AnyBook, Gen.Int[0, 1000])
            .Sample(
                (book, seed) =>
                {
                    var shuffled = book.Entries.Concat(book.Entries.Take(3)).ToArray();
                    new Random(seed).Shuffle(shuffled);
                    Assert.Equal(Shape(book.Fold()), Shape(BatchFold.Run(Book.Plan(), shuffled)));
                }
            );
    }

    [Fact]
    public void Taking_an_entry_back_restores_the_state_without_it()
    {
        AnyBook.Sample(book =>
        {
            var before = Shape(BatchFold.Run(Book.Plan(), book.Entries));
            // a day before all others: a newcomer that conflicts or not, voided, must leave no trace
            book.Add(new(2026, 11, 30), new StepStarted("1", 0, 10), number: 500);
            book.Add(new(2027, 6, 1), new VoidEntry(Book.IdOf(500)), number: 501);
            Assert.Equal(before, Shape(BatchFold.Run(Book.Plan(), book.Entries)));
        });
    }

    [Fact]
    public void Taking_back_a_whole_chain_leaves_no_new_conflict()
    {
        Gen.Select(AnyBook, Gen.Int[1, 10])
            .Sample(
                (book, which) =>
                {
                    var before = book.Fold().Conflicts.Select(c => c.Entry).ToHashSet();
                    var chain = TakeBack.Chain(Book.Plan(), book.Entries, [Book.IdOf(which)]);
                    var after = BatchFold.Run(Book.Plan(), book.Entries.Except(chain));
                    Assert.True(after.Conflicts.All(c => before.Contains(c.Entry)));
                }
            );
    }

    /// <summary>The parts as text: what the state is, without the log that tells how it came about.</summary>
    private static string Shape(BatchState state) => JsonSerializer.Serialize(new { state.Parts, state.SeedsStarted });
}
