using CsCheck;
using Gassel.Core.Due;
using Gassel.Core.Fold;
using Gassel.Core.Planning;
using Gassel.Core.Record;
using Gassel.Core.Treatments;

namespace Gassel.Core.Tests.Fold;

/// <summary>Breaking the coat, soaking and looking, in cycles; every seed stays in count. Rules are common practice, no source.</summary>
public class SwellingTests
{
    private static readonly Species Globemallow = StarterLibrary.All.Single(s => s.Id == "globemallow");
    private static readonly DateOnly Day = new(2027, 3, 1);

    private static BatchPlan Plan(Species species)
    {
        var route = species.Routes[0];
        var anchor = new Anchor(AnchorEvent.Sow, Day.AddDays(40));
        var schedule = Scheduler.Plan(anchor, Day, [.. route.Steps.Select(s => new ScheduleStep(s.Kind, s.Days, s.Optional))]);
        return BatchPlanner.Confirm(route, anchor, schedule, PlanChoice.Usual, 20, 60)!;
    }

    private sealed class Book(BatchPlan plan)
    {
        private readonly List<Entry> _entries = [];

        public BatchState Do(int day, params EntryPayload[] payloads)
        {
            foreach (var payload in payloads)
                _entries.Add(
                    new(
                        Guid.NewGuid(),
                        _entries.Count + 1,
                        Guid.NewGuid(),
                        Day.AddDays(day),
                        At(day),
                        default,
                        "x",
                        EntrySource.Hand,
                        payload
                    )
                );
            return BatchFold.Run(plan, _entries);
        }

        public static DateTimeOffset At(int day) => new(Day.AddDays(day).ToDateTime(new(9, 0)), TimeSpan.Zero);
    }

    private static IReadOnlyList<DueItem> Due(BatchPlan plan, BatchState state, int day) =>
        DueWork.For(plan, state, Globemallow, Day.AddDays(day));

    [Fact]
    public void Two_cycles_part_the_swollen_from_the_rest_and_keep_every_seed()
    {
        var plan = Plan(Globemallow);
        var book = new Book(plan);
        var state = book.Do(0, new StepStarted("1", 0, 60), new StepStarted("1", 1));
        var look = Assert.Single(Due(plan, state, 0));
        Assert.Equal((DueKind.LookForSwelling, Day.AddDays(1), Book.At(0).AddHours(24)), (look.Kind, look.DueOn, look.DueAt));

        state = book.Do(1, new Inspected("1", 40), new Split("1", [new("1.1", 40, 0, true), new("1.2", 20, 0, false)]));
        var due = Due(plan, state, 1);
        Assert.Equal((DueKind.StartStep, "1.1", Day.AddDays(1)), (due[0].Kind, due[0].Part, due[0].DueOn));
        Assert.Contains("40 of 60 swollen", due[0].Cost);
        Assert.Equal((DueKind.ScarifyAgain, "1.2", 0), (due[1].Kind, due[1].Part, due[1].Step));
        Assert.Contains("In cycle 1, 40 of 60 swelled; another cycle may swell about 13 of the 20 left: worth doing.", due[1].Cost);

        state = book.Do(1, new StepStarted("1.2", 0), new StepStarted("1.2", 1), new StepStarted("1.1", 2));
        Assert.Empty(state.Conflicts);
        Assert.Contains(Due(plan, state, 1), d => d is { Kind: DueKind.LookForSwelling, Part: "1.2" });
        state = book.Do(2, new Inspected("1.2", 5), new Split("1.2", [new("1.2.1", 5, 0, true), new("1.2.2", 15, 0, false)]));
        Assert.Empty(state.Conflicts);
        Assert.Equal(60, state.Living.Sum(p => p.Seeds));
        Assert.Equal([60, 20], state.Parts.Single(p => p.Id == "1.2.2").Inspections.Select(i => i.Soaked));
    }

    [Fact]
    public void More_swollen_than_were_soaked_does_not_fit()
    {
        var plan = Plan(Globemallow);
        var conflict = Assert.Single(
            new Book(plan).Do(0, new StepStarted("1", 0, 60), new StepStarted("1", 1), new Inspected("1", 61)).Conflicts
        );
        Assert.Equal("61 swelled, but only 60 were soaked.", conflict.Words);
        Assert.Equal(ConflictCode.NotSoaking, Assert.Single(new Book(plan).Do(0, new Inspected("1", 1)).Conflicts).Code);
    }

    [Fact]
    public void A_step_comes_round_again_only_for_seed_that_took_no_water()
    {
        var plan = Plan(Globemallow);
        var book = new Book(plan);
        book.Do(0, new StepStarted("1", 0, 60), new StepStarted("1", 1));
        Assert.Equal(ConflictCode.StepOutOfOrder, Assert.Single(book.Do(1, new StepStarted("1", 0)).Conflicts).Code);
        var other = new Book(plan);
        other.Do(0, new StepStarted("1", 0, 60), new StepStarted("1", 1), new Inspected("1", 0));
        Assert.Empty(other.Do(1, new StepStarted("1", 0)).Conflicts);
    }

    [Theory]
    [InlineData(60, 40, true)]
    [InlineData(20, 5, true)]
    [InlineData(30, 0, false)]
    [InlineData(3, 0, false)]
    public void Another_cycle_pays_by_the_record(int soaked, int swollen, bool pays)
    {
        var plan = Plan(Globemallow);
        var state = new Book(plan).Do(0, new StepStarted("1", 0, soaked), new StepStarted("1", 1), new Inspected("1", swollen));
        var judged = SwellingCycles.Judge(state.Parts[0])!;
        // mean of the Jeffreys posterior, Beta(x + ½, n − x + ½), by MathNet
        Assert.Equal(soaked * new MathNet.Numerics.Distributions.Beta(swollen + 0.5, soaked - swollen + 0.5).Mean, judged.Expected, 1e-9);
        Assert.Equal(pays, judged.Pays);
    }

    [Fact]
    public void Two_cycles_in_vain_ask_for_a_cut_test()
    {
        var plan = Plan(Globemallow);
        var book = new Book(plan);
        book.Do(
            0,
            new StepStarted("1", 0, 600),
            new StepStarted("1", 1),
            new Inspected("1", 0),
            new StepStarted("1", 0),
            new StepStarted("1", 1)
        );
        var judged = SwellingCycles.Judge(book.Do(2, new Inspected("1", 0)).Parts[0])!;
        Assert.False(judged.Pays);
        Assert.Contains("2 cycles in a row swelled nothing: cut a few open", judged.Words);
    }

    /// <summary>However the swollen are parted over the cycles, no seed is made or lost.</summary>
    [Fact]
    public void Every_seed_stays_in_count_over_any_cycles() =>
        Gen.Select(Gen.Int[1, 300], Gen.Int[0, 300].Array[1, 6])
            .Sample(
                (seeds, looks) =>
                {
                    var plan = Plan(Globemallow);
                    var book = new Book(plan);
                    var state = book.Do(0, new StepStarted("1", 0, seeds), new StepStarted("1", 1));
                    var (part, left) = ("1", seeds);
                    for (var i = 0; i < looks.Length && left > 0; i++)
                    {
                        var swollen = Math.Min(looks[i], left);
                        state = book.Do(i + 1, new Inspected(part, swollen));
                        if (swollen == left)
                            break;
                        if (swollen > 0)
                        {
                            state = book.Do(
                                i + 1,
                                new Split(part, [new($"{part}.1", swollen, 0, true), new($"{part}.2", left - swollen, 0, false)])
                            );
                            (part, left) = ($"{part}.2", left - swollen);
                        }
                        state = book.Do(i + 1, new StepStarted(part, 0), new StepStarted(part, 1));
                    }
                    return state.Living.Sum(p => p.Seeds) == seeds && !state.Conflicts.Any();
                }
            );

    [Fact]
    public void A_leaching_asks_for_fresh_water_every_day()
    {
        var iris = StarterLibrary.All.Single(s => s.Id == "western-iris");
        var plan = Plan(iris);
        var book = new Book(plan);
        var state = book.Do(0, new StepStarted("1", 0, 60));
        var water = DueWork.For(plan, state, iris, Day.AddDays(1)).Single(d => d.Kind == DueKind.ChangeWater);
        Assert.Equal((Day.AddDays(1), Book.At(0).AddHours(24)), (water.DueOn, water.DueAt));
        state = book.Do(1, new WaterChanged("1"));
        Assert.Equal(Day.AddDays(2), DueWork.For(plan, state, iris, Day.AddDays(2)).Single(d => d.Kind == DueKind.ChangeWater).DueOn);
        Assert.Equal(ConflictCode.NotSoaking, Assert.Single(new Book(plan).Do(0, new WaterChanged("1")).Conflicts).Code);
    }

    [Fact]
    public void Seed_in_water_past_its_hour_is_told_and_not_before()
    {
        var iris = StarterLibrary.All.Single(s => s.Id == "western-iris");
        var plan = Plan(iris);
        var state = new Book(plan).Do(0, new StepStarted("1", 0, 60));
        var due = Book.At(0).AddHours(24);
        Assert.Empty(PastHours.Of(plan, state, iris, due.AddMinutes(-1)));
        Assert.Equal(DueKind.ChangeWater, Assert.Single(PastHours.Of(plan, state, iris, due)).Kind);
    }
}
