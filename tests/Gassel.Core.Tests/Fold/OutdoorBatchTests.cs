using Gassel.Core.Due;
using Gassel.Core.Fold;
using Gassel.Core.Planning;
using Gassel.Core.Record;
using Gassel.Core.Treatments;

namespace Gassel.Core.Tests.Fold;

/// <summary>Seed in a container outdoors is sown when it is set out; days counted by hand.</summary>
public class OutdoorBatchTests
{
    private static readonly Species Camas = StarterLibrary.All.Single(s => s.Id == "small-camas");
    private static readonly Route Container = Camas.Routes.Single(r => r.Setting == RouteSetting.WinterContainer);
    private static readonly DateOnly SetOut = new(2026, 12, 20);
    private int _at;

    private static BatchPlan Plan()
    {
        var anchor = new Anchor(AnchorEvent.Start, SetOut);
        return BatchPlanner.Confirm(
            Container,
            anchor,
            Scheduler.Plan(anchor, SetOut, [.. Container.Steps.Select(s => new ScheduleStep(s.Kind, s.Days))]),
            PlanChoice.Usual,
            40,
            120
        )!;
    }

    private Entry On(DateOnly day, EntryPayload payload) =>
        new(Guid.NewGuid(), ++_at, default, day, null, default, "grower", EntrySource.Hand, payload);

    private static BatchState Fold(params Entry[] entries) => BatchFold.Run(Plan(), entries);

    private Entry Start() => On(SetOut, new StepStarted("1", 0, 120, "yard", new(VesselKind.Container, "jug")));

    [Fact]
    public void It_is_sown_on_the_day_it_is_set_out_and_seedlings_count_whenever_they_come()
    {
        var state = Fold(Start(), On(SetOut.AddDays(80), new Count("1", 5, 0)));
        Assert.Equal(SetOut, state.Parts[0].SownOn);
        Assert.Equal(5, state.Germinated);
        Assert.Empty(state.Conflicts);
        Assert.Equal(80, state.Parts[0].CountsSinceSowing()[0].Day);
    }

    [Fact]
    public void It_is_looked_at_every_second_week_and_no_calendar_ends_its_winter()
    {
        var today = SetOut.AddDays(20);
        var due = DueWork.For(Plan(), Fold(Start()), Camas, today);
        Assert.Equal(SetOut.AddDays(14), due.Single(d => d.Kind == DueKind.CheckBag).DueOn);
        Assert.DoesNotContain(due, d => d.Kind == DueKind.Sow);
        Assert.DoesNotContain(due, d => d.Kind == DueKind.StartStep);
        // the first seedling does, and from then on it is counted
        var up = DueWork.For(Plan(), Fold(Start(), On(SetOut.AddDays(80), new Count("1", 5, 0))), Camas, SetOut.AddDays(82));
        Assert.Contains(up, d => d.Kind == DueKind.CountSeedlings);
    }

    [Fact]
    public void Its_seedlings_are_expected_after_its_winter()
    {
        var state = Fold(Start());
        var (cold, up) = (Container.Steps[0].Days.Usual, Container.Steps[1].Days);
        Assert.Equal(new DurationRange(cold + up.Shortest, cold + up.Usual, cold + up.Longest), Plan().DaysToEmergence(state.Parts[0]));
        var opened = Fold(Start(), On(SetOut.AddDays(70), new StepStarted("1", 1)));
        Assert.Equal(70 + up.Shortest, Plan().DaysToEmergence(opened.Parts[0]).Shortest);
    }

    [Fact]
    public void A_batch_through_its_last_step_is_done()
    {
        var state = Fold(Start(), On(SetOut.AddDays(90), new StepStarted("1", 1)), On(SetOut.AddDays(120), new StepStarted("1", 2)));
        Assert.False(state.Parts[0].IsDone(Plan()));
        Assert.True(
            Fold(
                Start(),
                On(SetOut.AddDays(90), new StepStarted("1", 1)),
                On(SetOut.AddDays(120), new StepStarted("1", 2)),
                On(SetOut.AddDays(500), new StepEnded("1", 2))
            )
                .Parts[0]
                .IsDone(Plan())
        );
    }

    private Entry Strawed() => On(SetOut, new Prepared("1", new(Core.Record.ContainerPreset.Pot), []));

    [Fact]
    public void Straw_comes_off_before_the_first_seedling_and_the_rest_a_month_later()
    {
        // three quarters in early spring, the rest a month later: common practice, no source
        var first = SetOut.AddDays(Plan().DaysToEmergence(Fold(Strawed(), Start()).Parts[0]).Shortest);
        var most = DueWork.For(Plan(), Fold(Strawed(), Start()), Camas, SetOut.AddDays(100)).Single(d => d.Kind == DueKind.StrawMostOff);
        Assert.Equal(first.AddDays(-14), most.DueOn);
        Assert.DoesNotContain(DueWork.For(Plan(), Fold(Start()), Camas, SetOut.AddDays(100)), d => d.Kind == DueKind.StrawMostOff);

        var off = On(new(2027, 3, 20), new Tended("1", Core.Record.Tending.MulchMostOff));
        var rest = DueWork
            .For(Plan(), Fold(Strawed(), Start(), off), Camas, new(2027, 4, 1))
            .Single(d => d.Kind is DueKind.StrawMostOff or DueKind.StrawRestOff);
        Assert.Equal((DueKind.StrawRestOff, new DateOnly(2027, 4, 19)), (rest.Kind, rest.DueOn));
        var gone = On(new(2027, 4, 20), new Tended("1", Core.Record.Tending.MulchRestOff));
        Assert.DoesNotContain(DueWork.For(Plan(), Fold(Strawed(), Start(), off, gone), Camas, new(2027, 5, 1)), d =>
            d.Kind is DueKind.StrawMostOff or DueKind.StrawRestOff
        );
    }

    [Fact]
    public void Plants_that_grow_on_are_not_asked_for_straw_that_nobody_wrote_down()
    {
        var grown = Fold(
            Strawed(),
            Start(),
            On(SetOut.AddDays(90), new StepStarted("1", 1)),
            On(SetOut.AddDays(120), new StepStarted("1", 2))
        );
        Assert.DoesNotContain(DueWork.For(Plan(), grown, Camas, SetOut.AddDays(200)), d =>
            d.Kind is DueKind.StrawMostOff or DueKind.StrawRestOff
        );
    }
}
