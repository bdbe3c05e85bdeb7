using Gassel.Core.Fold;
using Gassel.Core.Places;
using Gassel.Core.Record;
using Gassel.Core.Treatments;
using Gassel.Core.Yard;

namespace Gassel.Core.Tests.Fold;

/// <summary>Winter containers in the fold: made ready, out, tended, up.</summary>
public class ContainerFoldTests
{
    private static readonly ContainerSetup Jug = new(ContainerPreset.Jug4);

    private static BatchPlan Plan()
    {
        var route = Book.Of("prairie-smoke").Routes.Single(r => r.Setting == RouteSetting.WinterContainer);
        var from = new DateOnly(2026, 12, 1);
        var steps = new List<PlannedStep>();
        foreach (var step in route.Steps)
        {
            steps.Add(new(step, step.Days.Usual, from, from.AddDays(step.Days.Usual), false));
            from = from.AddDays(step.Days.Usual);
        }
        return new(route, steps, 30, 60, new(AnchorEvent.PlantOut, from), steps[0].Start.AddDays(-20), steps[0].Start.AddDays(40));
    }

    private static StepStarted SetOut(string part = "1", int? seeds = 60, string label = "jug 1") =>
        new(part, 0, seeds, "yard", new(VesselKind.Container, label));

    private static BatchState Run(Book book) => BatchFold.Run(Plan(), book.Entries);

    [Fact]
    public void Made_ready_it_is_described_and_set_out_it_is_sown()
    {
        var state = Run(new Book().Add("2026-12-01", new Prepared("1", Jug, [PreparationStep.DrainHoles])).Add("2026-12-01", SetOut()));
        var part = Assert.Single(state.Living);
        Assert.Equal((Jug, new DateOnly(2026, 12, 1)), (part.Setup, part.SownOn));
        Assert.True(part.IsContainer);
        Assert.Empty(state.Conflicts);
    }

    [Fact]
    public void Divided_after_it_was_described_each_container_keeps_the_description()
    {
        var state = Run(
            new Book()
                .Add("2026-12-01", new Prepared("1", Jug, ContainerAdvice.Steps(Jug)))
                .Add("2026-12-01", new Split("1", [new("1.1", 30, 0), new("1.2", 30, 0)]))
                .Add("2026-12-01", SetOut("1.1", null))
                .Add("2026-12-01", SetOut("1.2", null, "jug 2"))
        );
        Assert.All(state.Living, p => Assert.Equal(Jug, p.Setup));
        Assert.Equal(60, state.SeedsStarted);
    }

    [Fact]
    public void Only_a_container_that_is_out_can_be_tended()
    {
        var table = Run(new Book().Add("2026-12-01", new Prepared("1", Jug, [])).Add("2026-12-02", new Tended("1", Tending.CapOn)));
        Assert.Equal(ConflictCode.NotOut, Assert.Single(table.Conflicts).Code);
        var bag = BatchFold.Run(
            Book.Plan(),
            new Book()
                .Add("2026-12-01", new StepStarted("1", 0, 60, "cold-shelf", new(VesselKind.Bag, "bag 1")))
                .Add("2026-12-02", new Tended("1", Tending.CapOn))
                .Entries
        );
        Assert.Equal(ConflictCode.NotOut, Assert.Single(bag.Conflicts).Code);
    }

    [Fact]
    public void Nothing_comes_back_out_that_was_not_sheltered()
    {
        var state = Run(
            new Book()
                .Add("2026-12-01", SetOut())
                .Add("2026-12-05", new Tended("1", Tending.BackOut))
                .Add("2026-12-06", new Tended("1", Tending.Covered))
                .Add("2026-12-07", new Tended("1", Tending.BackOut))
                .Add("2026-12-08", new Tended("1", Tending.BackOut))
        );
        Assert.Equal([ConflictCode.NotSheltered, ConflictCode.NotSheltered], state.Conflicts.Select(c => c.Code));
        Assert.Equal([Tending.Covered, Tending.BackOut], state.Parts[0].Tended.Select(t => t.What));
    }

    [Fact]
    public void The_first_seedling_outdoors_ends_the_cold_by_itself()
    {
        var plan = Plan();
        var book = new Book().Add("2026-12-01", SetOut()).Add("2027-03-08", new Count("1", 0, 0)).Add("2027-03-11", new Count("1", 4, 0));
        var part = Run(book).Parts[0];
        Assert.Equal((plan.GerminateStep!.Value, new DateOnly(2027, 3, 11)), (part.Open!.Step, part.Open.Start));
        Assert.Equal(new DateOnly(2027, 3, 11), part.Spans[0].End);
        Assert.Equal(new DateOnly(2026, 12, 1), part.SownOn);
        // told as well, it is no conflict
        Assert.Empty(Run(book.Add("2027-03-12", new StepStarted("1", plan.GerminateStep.Value))).Conflicts);
    }

    [Fact]
    public void A_count_before_it_is_out_is_a_conflict()
    {
        var state = Run(new Book().Add("2026-12-01", new Prepared("1", Jug, [])).Add("2026-12-02", new Count("1", 2, 0)));
        Assert.Equal(ConflictCode.NotSown, Assert.Single(state.Conflicts).Code);
    }

    [Fact]
    public void A_small_opaque_vessel_is_doubted_before_it_is_used()
    {
        var doubts = ContainerAdvice.Doubts(new(null, Own: new(1, 12, 0.05)));
        Assert.Equal(3, doubts.Count);
        Assert.Contains(doubts, d => d.StartsWith("Too small", StringComparison.Ordinal));
        Assert.Contains(doubts, d => d.StartsWith("Too low", StringComparison.Ordinal));
        Assert.Contains(doubts, d => d.StartsWith("Opaque", StringComparison.Ordinal));
        Assert.Empty(ContainerAdvice.Doubts(Jug));
    }

    [Fact]
    public void Holes_are_asked_for_unless_it_is_kept_without()
    {
        Assert.NotNull(ContainerAdvice.WithoutHoles(Jug, [PreparationStep.VentHoles]));
        Assert.Null(ContainerAdvice.WithoutHoles(Jug, [PreparationStep.DrainHoles]));
        var closed = Jug with { Care = CareStyle.NoHolesDailyWater };
        Assert.Null(ContainerAdvice.WithoutHoles(closed, []));
        Assert.DoesNotContain(PreparationStep.DrainHoles, ContainerAdvice.Steps(closed));
        Assert.DoesNotContain(PreparationStep.Hinge, ContainerAdvice.Steps(new(ContainerPreset.Pot)));
        var dry = Jug with { Care = CareStyle.CapOnAtNight, Holes = false };
        Assert.Null(ContainerAdvice.WithoutHoles(dry, []));
        Assert.DoesNotContain(PreparationStep.DrainHoles, ContainerAdvice.Steps(dry));
        Assert.Contains(
            "fill it",
            Assert.Single(ContainerAdvice.Doubts(Jug with { Care = CareStyle.CapOff, Holes = false })),
            StringComparison.Ordinal
        );
    }

    [Fact]
    public void Pots_get_their_straw_at_the_table_and_jugs_none()
    {
        Assert.Equal(PreparationStep.Strawed, ContainerAdvice.Steps(new(ContainerPreset.Pot))[^1]);
        Assert.DoesNotContain(PreparationStep.Strawed, ContainerAdvice.Steps(Jug));
    }

    [Fact]
    public void Cold_in_a_container_is_that_of_its_mix_and_not_measured()
    {
        var plan = Plan();
        var part = Run(new Book().Add("2026-12-01", SetOut())).Parts[0];
        var places = UsualPlaces.Starter.ToDictionary(p => p.Id);
        var cold = ColdSoFar.Of(plan, part, places, new Mix(), ColdResponse.Usual, new(2026, 12, 11))!;
        Assert.Equal((0.0, 5.0), (cold.Measured.Effective, Math.Round(cold.Assumed.Effective, 9)));
        Assert.All(cold.Daily, d => Assert.Equal(TemperatureSource.Modelled, d.Source));
        Assert.Contains(cold.Working, w => w.Contains("container model", StringComparison.Ordinal));
    }

    /// <summary>Every other day frozen.</summary>
    private sealed class Mix : IPlaceTemperatures
    {
        public IReadOnlyList<Core.Climate.TemperatureDay> Measured(string place, ColdResponse response) => [];

        public IReadOnlyList<TypedReading> Typed(string place) => [];

        public IReadOnlyList<Core.Climate.TemperatureDay> Modelled(string place, ColdResponse response) =>
            [
                .. Enumerable
                    .Range(0, 20)
                    .Select(i => Core.Climate.TemperatureDay.Constant(new DateOnly(2026, 12, 1).AddDays(i), i % 2 == 0 ? 3 : -5, response)),
            ];
    }
}
