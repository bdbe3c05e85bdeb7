using Gassel.Core.Planning;
using Gassel.Core.Record;
using Gassel.Core.Treatments;

namespace Gassel.Core.Tests.Planning;

public class BatchPlannerTests
{
    private static readonly Route Route = StarterLibrary.All.Single(s => s.Id == "globemallow").Routes[0];

    private static DateOnly D(string iso) => DateOnly.ParseExact(iso, "yyyy-MM-dd");

    private static (Anchor Anchor, Schedule Schedule) Late(AnchorEvent anchorEvent)
    {
        var anchor = new Anchor(anchorEvent, D("2027-03-20"));
        return (
            anchor,
            Scheduler.Plan(anchor, D("2027-03-01"), [.. Route.Steps.Select(s => new ScheduleStep(s.Kind, s.Days, s.Optional))])
        );
    }

    [Fact]
    public void Skipping_the_optional_cold_keeps_the_sowing_date_and_marks_the_step_as_left_out()
    {
        var (anchor, schedule) = Late(AnchorEvent.Sow);
        var plan = BatchPlanner.Confirm(Route, anchor, schedule, PlanChoice.SkipOptional, 20, 60)!;
        Assert.Equal(anchor.Date, plan.Anchor.Date);
        Assert.Equal(D("2027-03-19"), plan.Start);
        Assert.True(plan.Steps[2].Skipped);
        Assert.False(plan.Steps[0].Skipped);
        Assert.Equal(3, plan.NextStep(1));
    }

    [Fact]
    public void Moving_the_target_starts_today_and_moves_the_anchor_by_the_shortfall()
    {
        var (anchor, schedule) = Late(AnchorEvent.Sow);
        var plan = BatchPlanner.Confirm(Route, anchor, schedule, PlanChoice.MoveTarget, 20, 60)!;
        Assert.Equal(D("2027-03-01"), plan.Start);
        Assert.Equal(anchor.Date.AddDays(schedule.ShortfallDays), plan.Anchor.Date);
        Assert.Equal(schedule.Start.Latest.AddDays(schedule.ShortfallDays), plan.LatestStart);
    }

    [Fact]
    public void Shortening_reaches_the_target_with_fewer_days_of_cold()
    {
        var (anchor, schedule) = Late(AnchorEvent.Sow);
        var plan = BatchPlanner.Confirm(Route, anchor, schedule, PlanChoice.Shorten, 20, 60)!;
        Assert.Equal(anchor.Date, plan.Steps[3].Start);
        Assert.Equal(18, plan.Steps[2].PlannedDays);
    }

    [Fact]
    public void A_choice_that_cannot_reach_the_target_is_no_plan()
    {
        var anchor = new Anchor(AnchorEvent.PlantOut, D("2027-05-01"));
        var schedule = Scheduler.Plan(anchor, D("2027-03-01"), [.. Route.Steps.Select(s => new ScheduleStep(s.Kind, s.Days, s.Optional))]);
        Assert.Null(BatchPlanner.Confirm(Route, anchor, schedule, PlanChoice.Shorten, 20, 60));
        Assert.NotNull(BatchPlanner.Confirm(Route, anchor, schedule, PlanChoice.NextSeason, 20, 60));
    }
}
