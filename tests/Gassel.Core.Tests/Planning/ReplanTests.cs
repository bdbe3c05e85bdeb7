using CsCheck;
using Gassel.Core.Fold;
using Gassel.Core.Planning;
using Gassel.Core.Record;

namespace Gassel.Core.Tests.Planning;

/// <summary>
/// What follows from what happened. Balsamroot by the fridge: cold 60–84–112, germinate 5–15–30, grow on 330–365–730, harden 7–10–14;
/// counted by hand.
/// </summary>
public class ReplanTests
{
    private static readonly BatchPlan Plan = Book.Plan();
    private static readonly DateOnly Start = new(2026, 12, 1);

    private static PartOutlook Of(Book book, DateOnly today, BatchPlan? plan = null) =>
        Replan.For(plan ?? Plan, book.Fold(plan).Parts[0], today);

    private static Book Begun(int daysLate = 0) => new Book().Add(Start.AddDays(daysLate), new StepStarted("1", 0, 60, "cold-shelf"));

    /// <summary>The same plan aimed at sowing on its own sowing day.</summary>
    private static BatchPlan AimedAtSowing(int daysEarlier = 0) =>
        Plan with
        {
            Anchor = new(AnchorEvent.Sow, Start.AddDays(84 - daysEarlier)),
        };

    [Fact]
    public void Under_way_the_open_step_has_what_is_left_of_its_days()
    {
        var outlook = Of(Begun(), Start.AddDays(50));
        Assert.Equal(new DateWindow(Start.AddDays(60), Start.AddDays(84), Start.AddDays(112)), outlook.Sow);
        Assert.Equal(Start.AddDays(84 + 15 + 365 + 10), outlook.Finish.Usual);
        Assert.Equal(Start.AddDays(60 + 5 + 330 + 7), outlook.Finish.Earliest);
        Assert.Equal((0, 0), (outlook.MovedDays, outlook.LateDays));
        Assert.Empty(outlook.Changes);
    }

    [Fact]
    public void A_late_start_moves_everything_and_says_so()
    {
        var outlook = Of(Begun(5), Start.AddDays(20));
        Assert.Equal(5, outlook.MovedDays);
        Assert.Equal("Cold-moist began 5 days later than planned, on 6 Dec 2026.", outlook.Changes[0].Said());
        Assert.Contains("Plants 5 days later than planned", outlook.Changes[1]);
        Assert.Equal(5, outlook.LateDays);
        Assert.True(outlook.InReach);
        Assert.Equal([ShortfallOptionKind.Shorten, ShortfallOptionKind.MoveTarget], outlook.Choices.Select(c => c.Kind));
    }

    [Fact]
    public void An_early_sprout_sown_moves_its_part_alone()
    {
        var book = Begun()
            .Add(Start.AddDays(70), new Core.Record.Check("1", Moisture.Right, MouldSeen.None, 6))
            .Add(Start.AddDays(70), new Split("1", [new("1.1", 6, 6), new("1.2", 54, 0)]))
            .Add(Start.AddDays(70), new Sown("1.1", "lamp-shelf", null));
        var parts = book.Fold().Parts;
        var (early, rest) = (Replan.For(Plan, parts[1], Start.AddDays(72)), Replan.For(Plan, parts[2], Start.AddDays(72)));
        Assert.Equal(-14, early.MovedDays);
        Assert.Contains("14 days earlier than planned", early.Changes[0]);
        Assert.Null(early.Sow);
        Assert.Equal(0, rest.MovedDays);
    }

    [Fact]
    public void A_cold_past_its_longest_says_so_and_a_missed_target_is_out_of_reach()
    {
        var outlook = Of(Begun(), Start.AddDays(120), AimedAtSowing());
        Assert.Contains(outlook.Changes, c => c.Said() == "Cold-moist has overrun since 23 Mar 2027.");
        Assert.Equal((36, false), (outlook.LateDays, outlook.InReach));
        Assert.Contains(outlook.Changes, c => c.Contains("out of reach"));
    }

    [Fact]
    public void Shortening_what_is_left_meets_the_target_and_moving_it_keeps_the_days()
    {
        // ten days late after 20 days of cold: 64 usual and 40 shortest are left
        var plan = AimedAtSowing(10);
        var part = Begun().Fold(plan).Parts[0];
        var today = Start.AddDays(20);
        var shortened = Replan.Take(plan, part, today, ShortfallOptionKind.Shorten)!;
        Assert.Equal((74, plan.Anchor.Date), (shortened.Steps[0].Days, shortened.Target));
        var after = Replan.For(plan.With(shortened), part, today);
        Assert.Equal((0, plan.Anchor.Date), (after.LateDays, after.Sow!.Value.Usual));

        var moved = Replan.Take(plan, part, today, ShortfallOptionKind.MoveTarget)!;
        Assert.Equal((84, Start.AddDays(84)), (moved.Steps[0].Days, moved.Target));
        Assert.Equal(0, Replan.For(plan.With(moved), part, today).LateDays);
        // seed that lies moist cannot wait for next season
        Assert.Null(Replan.Take(plan, part, today, ShortfallOptionKind.NextSeason));
    }

    [Fact]
    public void A_way_taken_is_an_entry_and_taking_it_back_restores_the_plan()
    {
        var plan = AimedAtSowing(10);
        var book = Begun();
        var before = book.Fold(plan);
        var taken = Replan.Take(plan, before.Parts[0], Start.AddDays(20), ShortfallOptionKind.Shorten)!;
        var after = book.Add(Start.AddDays(20), taken).Fold(plan);
        Assert.Equal(74, plan.With(after.Replanned).Steps[0].PlannedDays);
        // steps keep the days on which they were planned first
        Assert.Equal(plan.Steps[1].Start, plan.With(after.Replanned).Steps[1].Start);
        var back = book.Add(Start.AddDays(21), new VoidEntry(Book.IdOf(2))).Fold(plan);
        Assert.Null(back.Replanned);
        Assert.Equal(plan, plan.With(back.Replanned));
    }

    [Fact]
    public void Another_start_is_answered_without_saving()
    {
        var part = new Book().Fold().Parts[0];
        var outlook = Replan.For(Plan, part, Start.AddDays(-30), Start.AddDays(11));
        Assert.Equal(Start.AddDays(11), outlook.Steps[0].Start.Usual);
        Assert.Equal(11, outlook.MovedDays);
        Assert.Equal(11, outlook.LateDays);
    }

    private static readonly Gen<(int Late, int Day)> Lived = Gen.Select(Gen.Int[0, 60], Gen.Int[0, 200]);

    [Fact]
    public void Shifting_all_days_shifts_every_answer() =>
        Gen.Select(Lived, Gen.Int[-500, 500])
            .Sample(
                (lived, shift) =>
                {
                    var plan = Book.Plan(
                        start: Start.AddDays(shift).ToString("yyyy-MM-dd", System.Globalization.CultureInfo.InvariantCulture)
                    );
                    var (here, there) = (
                        Of(Begun(lived.Late), Start.AddDays(lived.Late + lived.Day)),
                        Of(Begun(lived.Late + shift), Start.AddDays(lived.Late + lived.Day + shift), plan)
                    );
                    Assert.Equal(here.Finish.Usual.AddDays(shift), there.Finish.Usual);
                    Assert.Equal(
                        (here.LateDays, here.MovedDays, here.InReach, here.Choices.Count),
                        (there.LateDays, there.MovedDays, there.InReach, there.Choices.Count)
                    );
                },
                iter: 200
            );

    [Fact]
    public void Starting_later_never_brings_plants_sooner_and_a_day_passing_never_does() =>
        Gen.Select(Lived, Gen.Int[0, 40])
            .Sample(
                (lived, more) =>
                {
                    var today = Start.AddDays(lived.Late + lived.Day + more);
                    var (sooner, later) = (Of(Begun(lived.Late), today), Of(Begun(lived.Late + more), today));
                    Assert.True(sooner.Finish.Usual <= later.Finish.Usual && sooner.Finish.Earliest <= later.Finish.Earliest);
                    Assert.True(Of(Begun(lived.Late), today).Finish.Usual <= Of(Begun(lived.Late), today.AddDays(more)).Finish.Usual);
                    Assert.True(sooner.Finish.Earliest <= sooner.Finish.Usual && sooner.Finish.Usual <= sooner.Finish.Latest);
                },
                iter: 200
            );

    [Fact]
    public void Taking_a_way_twice_is_taking_it_once() =>
        Gen.Select(Gen.Int[1, 24], Gen.Int[0, 40])
            .Sample(
                (earlier, day) =>
                {
                    var plan = AimedAtSowing(earlier);
                    var part = Begun().Fold(plan).Parts[0];
                    var today = Start.AddDays(day);
                    if (Replan.Take(plan, part, today, ShortfallOptionKind.Shorten) is not { } taken)
                        return;
                    var once = plan.With(taken);
                    Assert.Equal(0, Replan.For(once, part, today).LateDays);
                    // nothing is late any more, so nothing is left to take
                    Assert.Null(Replan.Take(once, part, today, ShortfallOptionKind.Shorten));
                    Assert.Equal(once.Steps.Select(s => s.PlannedDays), once.With(taken).Steps.Select(s => s.PlannedDays));
                },
                iter: 100
            );

    /// <summary>Two ways to the same day: the ribbon of the batch and what follows.</summary>
    [Fact]
    public void The_ribbon_ends_where_the_outlook_does() =>
        Lived.Sample(
            lived =>
            {
                var today = Start.AddDays(lived.Late + lived.Day);
                var part = Begun(lived.Late).Fold().Parts[0];
                Assert.Equal(Ribbon.For(Plan, part, today)[^1].End, Replan.For(Plan, part, today).Finish.Usual);
            },
            iter: 200
        );
}
