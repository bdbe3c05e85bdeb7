using CsCheck;
using Gassel.Core.Fold;
using Gassel.Core.Record;

namespace Gassel.Core.Tests.Fold;

/// <summary>Against the rule said plainly: each is tried alone with the good ones before it.</summary>
public class FoldTrialTests
{
    private static readonly Gen<(int Emerged, int Lost)> AnyCount = Gen.Select(Gen.Int[0, 9], Gen.Int[0, 4]);

    [Fact]
    public void What_is_good_of_many_is_what_is_good_one_by_one() =>
        AnyCount
            .List[0, 40]
            .Sample(
                counts =>
                {
                    var book = new Book().Add("2026-12-01", new StepStarted("1", 0, 60)).Add("2027-02-20", new Sown("1", null, null));
                    var tried = counts.Select((c, i) => CountOn(new DateOnly(2027, 2, 21).AddDays(i), 100 + i, c.Emerged, c.Lost)).ToList();
                    var good = book.Entries.ToList();
                    var expected = new List<Conflict?>();
                    foreach (var entry in tried)
                    {
                        var conflict = BatchFold.Run(Book.Plan(), [.. good, entry]).Conflicts.FirstOrDefault();
                        expected.Add(conflict);
                        if (conflict is null)
                            good.Add(entry);
                    }
                    Assert.Equal(expected, new FoldTrial(Book.Plan(), book.Entries).Try(tried));
                },
                iter: 300
            );

    [Fact]
    public void What_was_in_conflict_before_is_no_fault_of_what_is_tried()
    {
        var book = new Book()
            .Add("2026-12-01", new StepStarted("1", 0, 60))
            .Add("2027-02-20", new Sown("1", null, null))
            .Add("2027-02-25", new Count("1", 61, 0));
        Assert.Single(book.Fold().Conflicts);
        var trial = new FoldTrial(Book.Plan(), book.Entries);
        Assert.Equal([null], trial.Try([CountOn(new(2027, 2, 26), trial.LastSequence + 1, 60, 0)]));
        Assert.NotNull(trial.Try([CountOn(new(2027, 2, 27), trial.LastSequence + 1, 1, 0)])[0]);
    }

    private static Entry CountOn(DateOnly day, long sequence, int emerged, int lost) =>
        new(Guid.NewGuid(), sequence, default, day, null, default, "", EntrySource.File, new Count("1", emerged, lost));
}
