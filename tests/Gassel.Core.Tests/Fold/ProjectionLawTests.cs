using CsCheck;
using Gassel.Core.Due;
using Gassel.Core.Fold;
using Gassel.Core.Record;

namespace Gassel.Core.Tests.Fold;

/// <summary>Laws of what follows from the entries: due work and the ribbon.</summary>
public class ProjectionLawTests
{
    private static readonly string[] Kinds = ["balsamroot", "globemallow", "snowberry", "alumroot", "western-trillium", "goldenbanner"];

    /// <summary>A batch taken step by step through its route, each step after so many days, up to some step.</summary>
    private static (BatchPlan Plan, Book Book) Walk(string species, int upTo, int[] days, int shift)
    {
        var start = new DateOnly(2026, 10, 1).AddDays(shift);
        var plan = Book.Plan(species, start.ToString("yyyy-MM-dd", System.Globalization.CultureInfo.InvariantCulture));
        var book = new Book();
        var day = start;
        for (var step = 0; step <= Math.Min(upTo, plan.Steps.Count - 1); step++)
        {
            book.Add(day, new StepStarted("1", step, step == 0 ? 60 : null));
            if (step == plan.GerminateStep)
                book.Add(day.AddDays(days[step % days.Length]), new Count("1", 20, 2));
            day = day.AddDays(days[step % days.Length]);
        }
        return (plan, book);
    }

    private static readonly Gen<(string Species, int UpTo, int[] Days, int Today)> AnyWalk = Gen.Select(
        Gen.Int[0, Kinds.Length - 1].Select(i => Kinds[i]),
        Gen.Int[-1, 6],
        Gen.Int[0, 120].Array[1, 4],
        Gen.Int[0, 700]
    );

    [Fact]
    public void A_batch_lived_a_year_later_is_due_a_year_later()
    {
        Gen.Select(AnyWalk, Gen.Int[-400, 400])
            .Sample(
                (walk, shift) =>
                {
                    var today = new DateOnly(2026, 10, 1).AddDays(walk.Today);
                    var (plan, book) = Walk(walk.Species, walk.UpTo, walk.Days, 0);
                    var (laterPlan, laterBook) = Walk(walk.Species, walk.UpTo, walk.Days, shift);
                    var due = DueWork.For(plan, book.Fold(plan), Book.Of(walk.Species), today);
                    var later = DueWork.For(laterPlan, laterBook.Fold(laterPlan), Book.Of(walk.Species), today.AddDays(shift));
                    Assert.Equal(
                        due.Select(d => (d.Kind, d.Step, d.DueOn.AddDays(shift), d.LateDays)),
                        later.Select(d => (d.Kind, d.Step, d.DueOn, d.LateDays))
                    );
                }
            );
    }

    [Fact]
    public void A_living_batch_always_asks_for_something_until_its_route_is_done()
    {
        AnyWalk.Sample(walk =>
        {
            var (plan, book) = Walk(walk.Species, walk.UpTo, walk.Days, 0);
            var state = book.Fold(plan);
            Assert.Empty(state.Conflicts);
            var due = DueWork.For(plan, state, Book.Of(walk.Species), new DateOnly(2026, 10, 1).AddDays(walk.Today));
            Assert.NotEmpty(due);
            Assert.All(due, d =>
            {
                Assert.InRange(d.Step, 0, plan.Steps.Count - 1);
                Assert.NotEmpty(d.Working);
                Assert.NotEmpty(d.Cost);
            });
        });
    }

    [Fact]
    public void The_ribbon_has_no_holes_and_never_runs_backwards()
    {
        AnyWalk.Sample(walk =>
        {
            var (plan, book) = Walk(walk.Species, walk.UpTo, walk.Days, 0);
            var state = book.Fold(plan);
            var ribbon = Ribbon.For(plan, state.Parts[0], new DateOnly(2026, 10, 1).AddDays(walk.Today));
            Assert.Equal(plan.Steps.Count, ribbon.Count);
            Assert.All(ribbon, s => Assert.True(s.Start <= s.End));
            Assert.All(ribbon.Zip(ribbon.Skip(1)), pair => Assert.Equal(pair.First.End, pair.Second.Start));
            Assert.True(ribbon.Count(s => s.Time == RibbonTime.Now) <= 1);
        });
    }

    /// <summary>Waiting longer never makes the plants ready sooner.</summary>
    [Fact]
    public void A_later_day_never_brings_the_end_nearer()
    {
        Gen.Select(AnyWalk, Gen.Int[0, 200])
            .Sample(
                (walk, more) =>
                {
                    var (plan, book) = Walk(walk.Species, walk.UpTo, walk.Days, 0);
                    var part = book.Fold(plan).Parts[0];
                    var today = new DateOnly(2026, 10, 1).AddDays(walk.Today);
                    Assert.True(Ribbon.For(plan, part, today.AddDays(more))[^1].End >= Ribbon.For(plan, part, today)[^1].End);
                }
            );
    }
}
