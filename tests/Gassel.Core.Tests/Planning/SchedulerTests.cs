using CsCheck;
using Gassel.Core.Planning;
using Gassel.Core.Record;
using Gassel.Core.Treatments;

namespace Gassel.Core.Tests.Planning;

public class SchedulerTests
{
    /// <summary>
    /// Eighteen days late by the worked example of docs/calculations.md: shortened, it begins today and still ends on 20 May.
    /// </summary>
    [Fact]
    public void A_late_schedule_is_laid_by_its_first_possible_way()
    {
        ScheduleStep[] steps =
        [
            new(StepKind.ColdMoist, new(30, 60, 90)),
            new(StepKind.Germinate, new(7, 14, 28)),
            new(StepKind.GrowOn, new(28, 42, 56)),
            new(StepKind.HardenOff, new(7, 10, 14)),
        ];
        var anchor = new Anchor(AnchorEvent.PlantOut, new(2027, 5, 20));
        var late = Scheduler.Plan(anchor, new(2027, 2, 1), steps).Laid();
        Assert.Equal((new DateOnly(2027, 2, 1), new DateOnly(2027, 5, 20)), (late[0].Start, late[^1].End));
        var early = Scheduler.Plan(anchor, new(2026, 12, 1), steps).Laid();
        Assert.Equal((new DateOnly(2027, 1, 14), new DateOnly(2027, 5, 20)), (early[0].Start, early[^1].End));
    }

    internal static readonly ScheduleStep[] Spring =
    [
        new(StepKind.ColdMoist, new(30, 60, 90)),
        new(StepKind.Germinate, new(7, 14, 28)),
        new(StepKind.GrowOn, new(28, 42, 56)),
        new(StepKind.HardenOff, new(7, 10, 14)),
    ];

    private static DateOnly D(string iso) => DateOnly.ParseExact(iso, "yyyy-MM-dd");

    /// <summary>The worked example of docs/calculations.md, "Counting back"; dates counted by hand on a calendar.</summary>
    [Fact]
    public void Counting_back_from_planting_out()
    {
        var schedule = Scheduler.Plan(new(AnchorEvent.PlantOut, D("2027-05-20")), D("2027-02-01"), Spring);
        Assert.Equal(new(D("2026-11-13"), D("2027-01-14"), D("2027-03-09")), schedule.Start);
        Assert.Equal(new(D("2027-05-20"), D("2027-05-20"), D("2027-05-20")), schedule.Finish);
        Assert.True(schedule.Feasible);
        Assert.Equal(18, schedule.ShortfallDays);

        var shorten = schedule.Options.Single(o => o.Kind == ShortfallOptionKind.Shorten);
        Assert.True(shorten.Possible);
        Assert.Equal([48, 14, 36, 10], shorten.Steps.Select(s => s.Days));
        Assert.Equal(D("2027-02-01"), shorten.Start);
        Assert.Equal(D("2027-05-20"), shorten.Finish);
        Assert.DoesNotContain(schedule.Options, o => o.Kind == ShortfallOptionKind.SkipOptional);
        Assert.Equal(D("2027-06-07"), schedule.Options.Single(o => o.Kind == ShortfallOptionKind.MoveTarget).Finish);
        Assert.Equal(D("2028-05-20"), schedule.Options.Single(o => o.Kind == ShortfallOptionKind.NextSeason).Finish);
    }

    [Fact]
    public void Counting_forward_takes_the_shortest_for_the_earliest()
    {
        var schedule = Scheduler.Plan(new(AnchorEvent.Start, D("2027-02-01")), D("2027-02-01"), Spring);
        Assert.Equal(D("2027-02-01").AddDays(30 + 7 + 28 + 7), schedule.Finish.Earliest);
        Assert.Equal(D("2027-02-01").AddDays(60 + 14 + 42 + 10), schedule.Finish.Usual);
        Assert.Equal(D("2027-02-01").AddDays(90 + 28 + 56 + 14), schedule.Finish.Latest);
        Assert.Empty(schedule.Options);
    }

    [Fact]
    public void A_sowing_date_counts_back_before_it_and_forward_after_it()
    {
        var schedule = Scheduler.Plan(new(AnchorEvent.Sow, D("2027-03-20")), D("2027-01-01"), Spring);
        Assert.Equal(new(D("2026-12-20"), D("2027-01-19"), D("2027-02-18")), schedule.Start);
        Assert.Equal(new(D("2027-03-20"), D("2027-03-20"), D("2027-03-20")), schedule.Steps[1].Start);
        Assert.Equal(D("2027-03-27"), schedule.Steps[1].End.Earliest);
    }

    [Fact]
    public void Hardening_is_cut_last_and_keeps_a_week()
    {
        // 30 + 14 days can go before hardening; 46 short takes two of its three
        var schedule = Scheduler.Plan(new(AnchorEvent.PlantOut, D("2027-05-20")), D("2027-03-01"), Spring);
        Assert.Equal(46, schedule.ShortfallDays);
        Assert.Equal([30, 14, 28, 8], schedule.Options[0].Steps.Select(s => s.Days));
        Assert.True(schedule.Options[0].Possible);

        var tooLate = Scheduler.Plan(new(AnchorEvent.PlantOut, D("2027-05-20")), D("2027-03-20"), Spring);
        Assert.False(tooLate.Feasible);
        Assert.False(tooLate.Options[0].Possible);
        Assert.Equal(D("2027-03-20").AddDays(30 + 14 + 28 + 7), tooLate.Options[0].Finish);
    }

    [Fact]
    public void Germination_is_never_hurried()
    {
        var schedule = Scheduler.Plan(new(AnchorEvent.PlantOut, D("2027-05-20")), D("2027-04-20"), Spring);
        Assert.Equal(14, schedule.Options[0].Steps[1].Days);
    }

    [Fact]
    public void Leaving_out_an_optional_step_is_offered_where_there_is_one()
    {
        ScheduleStep[] steps =
        [
            new(StepKind.Soak, DurationRange.Exactly(1)),
            new(StepKind.ColdMoist, new(0, 30, 60), true),
            .. Spring[1..],
        ];
        var schedule = Scheduler.Plan(new(AnchorEvent.PlantOut, D("2027-05-20")), D("2027-03-01"), steps);
        var skip = schedule.Options.Single(o => o.Kind == ShortfallOptionKind.SkipOptional);
        Assert.True(skip.Possible);
        Assert.Equal(0, skip.Steps[1].Days);
        Assert.Equal(D("2027-05-20"), skip.Finish);
        Assert.Equal(D("2027-05-20").AddDays(-67), skip.Start);
    }

    /// <summary>29 February 2028 has no like in 2029: the anchor moves to the 28th.</summary>
    [Fact]
    public void Next_season_from_a_leap_day_is_the_twenty_eighth()
    {
        var schedule = Scheduler.Plan(new(AnchorEvent.PlantOut, D("2028-02-29")), D("2028-02-20"), Spring);
        Assert.Equal(D("2029-02-28"), schedule.Options.Single(o => o.Kind == ShortfallOptionKind.NextSeason).Finish);
    }

    [Fact]
    public void A_start_in_the_past_cannot_be_shortened_only_moved()
    {
        var schedule = Scheduler.Plan(new(AnchorEvent.Start, D("2027-02-01")), D("2027-02-11"), Spring);
        Assert.Equal(10, schedule.ShortfallDays);
        Assert.False(schedule.Feasible);
        Assert.False(schedule.Options.Single(o => o.Kind == ShortfallOptionKind.Shorten).Possible);
    }

    [Fact]
    public void A_sow_anchor_without_one_germinate_step_is_refused()
    {
        Assert.Throws<ArgumentException>(() => Scheduler.Plan(new(AnchorEvent.Sow, D("2027-03-20")), D("2027-01-01"), [Spring[0]]));
        Assert.Throws<ArgumentException>(() =>
            Scheduler.Plan(new(AnchorEvent.Sow, D("2027-03-20")), D("2027-01-01"), [Spring[1], Spring[1]])
        );
    }

    private static readonly Gen<ScheduleStep> AnyStep = Gen.Select(
        Gen.Int[0, 16],
        Gen.Int[0, 60],
        Gen.Int[0, 60],
        Gen.Int[0, 60],
        Gen.Bool,
        (kind, a, b, c, optional) =>
            new ScheduleStep(kind == (int)StepKind.Germinate ? StepKind.GrowOn : (StepKind)kind, new(a, a + b, a + b + c), optional)
    );

    [Fact]
    public void Shifting_the_anchor_and_today_shifts_every_date()
    {
        Gen.Select(AnyStep.List[1, 6], Gen.Int[-200, 200], Gen.Int[-300, 300])
            .Sample(
                (steps, late, shift) =>
                {
                    var anchor = D("2027-05-20");
                    var before = Scheduler.Plan(new(AnchorEvent.PlantOut, anchor), anchor.AddDays(-late), steps);
                    var after = Scheduler.Plan(new(AnchorEvent.PlantOut, anchor.AddDays(shift)), anchor.AddDays(shift - late), steps);
                    Assert.Equal(before.Steps.Select(s => s.Start.Usual.AddDays(shift)), after.Steps.Select(s => s.Start.Usual));
                    Assert.Equal(before.ShortfallDays, after.ShortfallDays);
                    Assert.Equal(before.Start.Latest.AddDays(shift), after.Start.Latest);
                }
            );
    }

    [Fact]
    public void Shortening_ends_on_the_target_exactly_when_it_is_possible_and_never_below_the_shortest()
    {
        Gen.Select(AnyStep.List[1, 6], Gen.Int[0, 300])
            .Sample(
                (steps, days) =>
                {
                    var anchor = D("2027-05-20");
                    var schedule = Scheduler.Plan(new(AnchorEvent.PlantOut, anchor), anchor.AddDays(-days), steps);
                    var shorten = schedule.Options.FirstOrDefault(o => o.Kind == ShortfallOptionKind.Shorten);
                    if (shorten is null)
                        return;
                    Assert.All(shorten.Steps.Zip(steps), t => Assert.InRange(t.First.Days, t.Second.Days.Shortest, t.Second.Days.Usual));
                    Assert.Equal(shorten.Possible, shorten.Finish == anchor);
                    if (!schedule.Feasible)
                        Assert.False(shorten.Possible);
                }
            );
    }
}
