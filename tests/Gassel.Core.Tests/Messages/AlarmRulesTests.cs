using Gassel.Core.Messages;

namespace Gassel.Core.Tests.Messages;

/// <summary>Who is told of what, and when again.</summary>
public sealed class AlarmRulesTests
{
    private static readonly DateTimeOffset Noon = new(2027, 3, 14, 12, 0, 0, TimeSpan.FromHours(-6));
    private static readonly QuietHours Night = new(new(22, 0), new(6, 0));

    private static Alarm Freeze(double badness = 8) => new("freeze", AlarmKind.Freeze, badness, "Cover", "down to −8", "/yard");

    private static Alarm Silent => new("silent:fridge", AlarmKind.Silent, 0, "Look at it", "no reading", "/");

    private static SentAlarm Told(Alarm alarm, double hoursAgo, bool over = false) =>
        new(alarm.Key, alarm.Kind, alarm.BadnessK, alarm.Title, Noon.AddHours(-hoursAgo), over);

    private static AlarmReason? Reason(Alarm alarm, params SentAlarm[] sent) =>
        AlarmRules.ToSend([alarm], sent, Noon, Night).Select(s => (AlarmReason?)s.Reason).SingleOrDefault();

    [Fact]
    public void A_trouble_is_told_once()
    {
        Assert.Equal(AlarmReason.New, Reason(Freeze()));
        Assert.Null(Reason(Freeze(), Told(Freeze(), 1)));
    }

    [Theory]
    [InlineData(9.9, null)]
    [InlineData(10.0, AlarmReason.Worse)]
    public void It_is_told_again_when_it_is_worse(double badness, AlarmReason? reason) =>
        Assert.Equal(reason, Reason(Freeze(badness), Told(Freeze(8), 1)));

    [Theory]
    [InlineData(11.9, null)]
    [InlineData(12.0, AlarmReason.Still)]
    public void And_after_twelve_hours(double hoursAgo, AlarmReason? reason) =>
        Assert.Equal(reason, Reason(Freeze(), Told(Freeze(), hoursAgo)));

    [Fact]
    public void One_more_jug_under_the_same_freeze_is_worse_and_one_less_is_not()
    {
        var two = Freeze() with { About = ["1:jug", "2:jug"] };
        SentAlarm Before(params string[] about) => Told(Freeze(), 1) with { About = about };
        Assert.Equal(AlarmReason.Worse, Reason(two, Before("1:jug")));
        Assert.Null(Reason(two, Before("1:jug", "2:jug", "3:jug")));
    }

    [Fact]
    public void When_it_is_over_that_is_told_once_and_what_comes_back_is_new()
    {
        var over = Assert.Single(AlarmRules.ToSend([], [Told(Freeze(), 3)], Noon, null));
        Assert.Equal((AlarmReason.Over, "Cover"), (over.Reason, over.Alarm.Title));
        Assert.Empty(AlarmRules.ToSend([], [Told(Freeze(), 3), Told(Freeze(), 1, over: true)], Noon, null));
        Assert.Equal(AlarmReason.New, Reason(Freeze(), Told(Freeze(), 3), Told(Freeze(), 1, over: true)));
    }

    /// <summary>A thermometer that fell silent says no longer that the fridge is too warm; that is no all-clear.</summary>
    [Fact]
    public void What_cannot_be_known_is_not_over()
    {
        var silent = Silent with { Hides = ["warm:fridge"] };
        var warm = new SentAlarm("warm:fridge", AlarmKind.Place, 11, "Check it", Noon.AddHours(-4), false);
        Assert.Equal(AlarmReason.New, Assert.Single(AlarmRules.ToSend([silent], [warm], Noon, null)).Reason);
    }

    [Fact]
    public void In_quiet_hours_a_freeze_comes_through_and_silence_waits()
    {
        var night = Noon.AddHours(15);
        var sent = Assert.Single(AlarmRules.ToSend([Freeze(), Silent], [], night, Night));
        Assert.Equal(AlarmKind.Freeze, sent.Alarm.Kind);
        Assert.Equal(2, AlarmRules.ToSend([Freeze(), Silent], [], night.AddHours(4), Night).Count);
    }

    [Theory]
    [InlineData(21, 59, false)]
    [InlineData(22, 0, true)]
    [InlineData(5, 59, true)]
    [InlineData(6, 0, false)]
    public void Quiet_hours_go_over_midnight(int hour, int minute, bool quiet) => Assert.Equal(quiet, Night.Hold(new(hour, minute)));
}
