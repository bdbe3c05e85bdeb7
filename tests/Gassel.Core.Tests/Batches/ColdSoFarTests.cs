using Gassel.Core.Batches;
using Gassel.Core.Planning;
using Gassel.Core.Treatments;

namespace Gassel.Core.Tests.Batches;

/// <summary>Cold by the calendar, as a range where a bag was dry or warm. Rules are common practice, no source.</summary>
public class ColdSoFarTests
{
    private static readonly Species Balsamroot = StarterLibrary.All.Single(s => s.Id == "balsamroot");
    private static readonly DateOnly Day = new(2027, 1, 1);
    private static readonly Dictionary<string, Place> Shelves = Places.Starter.ToDictionary(p => p.Id);

    private static ColdSoFar? After(int days, params (int Day, EntryPayload Payload)[] told)
    {
        var route = Balsamroot.Routes[0];
        var anchor = new Anchor(AnchorEvent.Sow, Day.AddDays(84));
        var plan = BatchPlanner.Confirm(route, anchor, Scheduler.Plan(anchor, Day, [.. route.Steps.Select(s => new ScheduleStep(s.Kind, s.Days, s.Optional))]), PlanChoice.Usual, 20, 60)!;
        var entries = told.Prepend((0, new StepStarted("1", 0, 60, "cold-shelf")))
            .Select((t, i) => new Entry(Guid.NewGuid(), i + 1, Guid.NewGuid(), Day.AddDays(t.Item1), null, default, "x", EntrySource.Hand, t.Item2));
        return ColdSoFar.Of(plan, BatchFold.Run(plan, entries).Parts[0], Shelves, Day.AddDays(days));
    }

    private static Check Look(Moisture moisture = Moisture.Right) => new("1", moisture, MouldSeen.None, 0);

    [Fact]
    public void Watched_and_moist_every_day_is_certain()
    {
        var cold = After(30, (7, Look()), (14, Look()), (21, Look(Moisture.Dripping)))!;
        Assert.Equal((30, 30, 60, 84), (cold.Days, cold.CertainDays, cold.Shortest, cold.Usual));
    }

    [Fact]
    public void Found_dry_the_whole_time_since_the_last_good_look_is_uncertain()
    {
        var cold = After(30, (7, Look()), (21, Look(Moisture.Dry)), (28, Look()))!;
        Assert.Equal((30, 16), (cold.Days, cold.CertainDays));
        Assert.Contains("14 days are uncertain", string.Join(' ', cold.Working));
        // dry at two looks in a row: from the first good one to the last dry one
        Assert.Equal(30 - 21, After(30, (7, Look(Moisture.Dry)), (21, Look(Moisture.Dry)), (28, Look()))!.CertainDays);
    }

    [Theory]
    [InlineData(2, 30, 30)]
    [InlineData(4, 26, 6)]
    public void Three_warm_days_before_the_shortest_time_may_undo_it(int warm, int all, int certain)
    {
        var cold = After(30, (20, new Moved("1", "table")), (20 + warm, new Moved("1", "cold-shelf")))!;
        Assert.Equal((all, certain), (cold.Days, cold.CertainDays));
    }

    [Fact]
    public void A_warm_spell_after_the_shortest_time_undoes_nothing() =>
        Assert.Equal(80, After(80, (65, new Moved("1", "table")), (70, new Moved("1", "cold-shelf")))!.CertainDays);

    [Fact]
    public void Outside_the_cold_there_is_none() => Assert.Null(After(30, (20, new Sown("1", "lamp-shelf", null))));
}
