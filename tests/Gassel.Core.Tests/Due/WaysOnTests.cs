using Gassel.Core.Due;
using Gassel.Core.Fold;
using Gassel.Core.Places;
using Gassel.Core.Record;
using Gassel.Core.Treatments;

namespace Gassel.Core.Tests.Due;

/// <summary>
/// Ways that ended: sprouts seen and not sown, steps that are optional, plans that are not made after all. Common practice, no source.
/// </summary>
public class WaysOnTests
{
    private static readonly Species Balsamroot = Book.Of("balsamroot");

    [Fact]
    public void Sprouts_seen_but_not_sown_make_the_whole_bag_due_with_the_reason()
    {
        var state = new Book()
            .Add("2026-12-01", new StepStarted("1", 0, 60))
            .Add("2026-12-22", new Check("1", Moisture.Right, MouldSeen.None, 4))
            .Fold();
        var due = Assert.Single(DueWork.For(Book.Plan(), state, Balsamroot, new(2026, 12, 22)));
        Assert.Equal((DueKind.Sow, new DateOnly(2026, 12, 22), Book.Plan().GerminateStep!.Value), (due.Kind, due.DueOn, due.Step));
        Assert.StartsWith("Day 21 of 84: 4 sprouted.", due.Cost, StringComparison.Ordinal);
        // sown, it is over
        var sown = new Book()
            .Add("2026-12-01", new StepStarted("1", 0, 60))
            .Add("2026-12-22", new Check("1", Moisture.Right, MouldSeen.None, 4))
            .Add("2026-12-23", new Sown("1", null, null))
            .Fold();
        Assert.DoesNotContain(DueWork.For(Book.Plan(), sown, Balsamroot, new(2026, 12, 24)), d => d.Kind == DueKind.Sow);
    }

    [Fact]
    public void An_optional_step_is_left_out_when_it_is_due_and_taken_back_like_any_entry()
    {
        var plan = Book.Plan("globemallow");
        var optional = plan.Steps.Select((s, i) => (s, i)).First(t => t.s.Step.Optional).i;
        var book = new Book().Add("2026-12-01", new StepStarted("1", 0, 60)).Add("2026-12-01", new StepLeftOut(optional));
        var left = plan.Without(book.Fold(plan).LeftOut);
        Assert.True(left.Steps[optional].Skipped);
        Assert.NotEqual(optional, left.NextStep(optional - 1));
        Assert.Empty(book.Add("2026-12-02", new VoidEntry(Book.IdOf(2))).Fold(plan).LeftOut);
        // another step is not optional, and stays
        Assert.Equal(
            ConflictCode.NotOptional,
            new Book().Add("2026-12-01", new StepLeftOut(plan.GerminateStep!.Value)).Fold(plan).Conflicts.Single().Code
        );
    }

    [Fact]
    public void A_planned_batch_is_discarded_and_one_that_began_is_not()
    {
        Assert.Equal(new DateOnly(2026, 11, 20), new Book().Add("2026-11-20", new Discarded()).Fold().DiscardedOn);
        var begun = new Book().Add("2026-12-01", new StepStarted("1", 0, 60)).Add("2026-12-02", new Discarded()).Fold();
        Assert.Null(begun.DiscardedOn);
        Assert.Equal(ConflictCode.AlreadyBegun, begun.Conflicts.Single().Code);
    }

    [Fact]
    public void Cycles_of_hard_seed_add_up()
    {
        var plan = Book.Plan("globemallow");
        var soak = plan.Steps.Select((s, i) => (s, i)).First(t => t.s.Step.Kind == StepKind.Soak).i;
        var state = new Book()
            .Add("2026-12-01", new StepStarted("1", 0, 12, Way: ScarifyWay.HotWater))
            .Add("2026-12-01", new StepStarted("1", soak))
            .Add("2026-12-02", new Inspected("1", 8))
            .Add("2026-12-02", new Split("1", [new("1.1", 8, 0, true), new("1.2", 4, 0, false)]))
            .Add("2026-12-02", new StepStarted("1.2", 0, Way: ScarifyWay.Nicked))
            .Add("2026-12-02", new StepStarted("1.2", soak))
            .Add("2026-12-03", new Inspected("1.2", 4))
            .Fold(plan);
        Assert.Empty(state.Conflicts);
        Assert.Equal("12 of 12 swollen after 2 cycles", SwellingCycles.Tally(state.Living.Single(p => p.Id == "1.2")));
    }

    [Fact]
    public void A_heat_that_cooks_began_when_it_cooked()
    {
        var mat = new Place("mat", "Heat mat", PlaceKind.HeatMat, 22);
        DateTimeOffset At(int hour) => new(2027, 3, 1, hour, 0, 0, TimeSpan.Zero);
        var readings = new[] { (8, 25.0), (9, 31), (12, 34), (14, 38.5), (15, 41), (16, 39), (17, 33), (18, 24), (20, 23) }.Select(
            r => new Gassel.Core.Climate.TemperatureReading(At(r.Item1).ToUnixTimeMilliseconds(), r.Item2)
        );
        var trouble = PlaceWatch.Of(mat, readings, null, At(20)).Single(t => t.Kind == PlaceTroubleKind.TooHot);
        Assert.Equal((At(14), At(16)), (trouble.From, trouble.To!.Value));
        Assert.Contains("at 38 °C or more", trouble.Words.Said(), StringComparison.Ordinal);
    }

    [Fact]
    public void What_was_cooked_on_record_is_an_accident()
    {
        var state = new Book()
            .Add("2027-03-01", new Sown("1", "mat", new(VesselKind.Tray, "tray 1"), Seeds: 60))
            .Add("2027-04-20", new Count("1", 0, 0))
            .Fold(Book.Plan());
        PlaceTrouble trouble = new(
            PlaceTroubleKind.TooHot,
            new(2027, 3, 4, 14, 0, 0, TimeSpan.Zero),
            new(2027, 3, 4, 16, 0, 0, TimeSpan.Zero),
            41,
            "",
            "",
            null
        );
        string? Accident(PlaceTrouble t) =>
            Accidents.Of(state.Parts[0], new Dictionary<string, IReadOnlyList<PlaceTrouble>> { ["mat"] = [t] }, TimeZoneInfo.Utc);
        Assert.Equal("cooked on 4 Mar 2027, at 41 °C", Accident(trouble)!.Said());
        Assert.Null(Accident(trouble with { WorstC = 33 }));
        // before it stood there
        Assert.Null(
            Accident(trouble with { From = new(2027, 2, 1, 0, 0, 0, TimeSpan.Zero), To = new(2027, 2, 1, 3, 0, 0, TimeSpan.Zero) })
        );
    }

    [Fact]
    public void Outdoors_every_view_goes_by_one_forecast()
    {
        var route = Book.Of("balsamroot").Routes.First(r => r.Setting == RouteSetting.WinterContainer);
        var from = new DateOnly(2026, 12, 1);
        var steps = new List<PlannedStep>();
        foreach (var step in route.Steps)
        {
            steps.Add(new(step, step.Days.Usual, from, from.AddDays(step.Days.Usual), false));
            from = from.AddDays(step.Days.Usual);
        }
        var plan = new BatchPlan(route, steps, 30, 60, new(Gassel.Core.Record.AnchorEvent.PlantOut, from), steps[0].Start, steps[0].Start);
        var cold = steps.FindIndex(s => s.Step.Kind == StepKind.ColdMoist);
        var part = new Book().Add("2026-12-01", new StepStarted("1", cold, 60)).Fold(plan).Parts[0] with
        {
            Outdoors = new(42, 60, new(2027, 2, 1), new(2027, 4, 16), new(2027, 4, 20), new(2027, 4, 30)),
        };
        var today = new DateOnly(2027, 1, 10);
        Assert.Equal(
            (136, 140, 150),
            (plan.DaysToEmergence(part).Shortest, plan.DaysToEmergence(part).Usual, plan.DaysToEmergence(part).Longest)
        );
        Assert.Equal(new DateOnly(2027, 4, 16), Ribbon.For(plan, part, today).First(s => s.Kind == StepKind.Germinate).Start);
        var outlook = Gassel.Core.Planning.Replan.For(plan, part, today);
        Assert.Equal(
            (new DateOnly(2027, 4, 16), new DateOnly(2027, 4, 30)),
            (
                outlook.Steps.First(s => s.Kind == StepKind.Germinate).Start.Usual,
                outlook.Steps.First(s => s.Kind == StepKind.Germinate).End.Usual
            )
        );
    }
}
