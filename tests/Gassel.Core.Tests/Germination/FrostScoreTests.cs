using Gassel.Core.Climate;
using Gassel.Core.Germination;
using Gassel.Core.Treatments;

namespace Gassel.Core.Tests.Germination;

/// <summary>Counted by hand.</summary>
public class FrostScoreTests
{
    private static FrostTold Day(int day, bool told, bool came) => new(new(2027, 4, day), told, came);

    [Fact]
    public void Told_and_come_stand_beside_each_other()
    {
        var score = FrostScore.Of([
            Day(1, true, true),
            Day(2, true, false),
            Day(3, false, false),
            Day(4, false, true),
            Day(5, false, false),
        ]);
        Assert.Equal((2, 1, 3, 1), (score.Told, score.ToldAndCame, score.Free, score.CameUntold));
        Assert.Equal(
            "In the yard frost was told for 2 days, and on 1 it froze. None was told for 3 days, and on 1 it froze all the same.",
            score.Words(inside: false)
        );
        // prop.test(1, 3, correct = FALSE)$conf.int in GNU R
        Assert.Contains("told without it froze all the same on 1: 33 %, 6 % to 79 %", score.Working[1]);
    }

    [Fact]
    public void What_was_never_told_is_not_spoken_of()
    {
        Assert.Equal("Inside containers no frost was told for 1 day, and none came.", FrostScore.Of([Day(1, false, false)]).Words(true));
        Assert.Equal("Inside containers frost was told for 1 day, and it froze.", FrostScore.Of([Day(1, true, true)]).Words(true));
    }

    /// <summary>A word that came when the day had begun foretold nothing.</summary>
    [Fact]
    public void The_last_word_before_the_day_counts()
    {
        ForecastWord Word(int day, double lowC, int toldOn) =>
            new(new(2027, 4, day), lowC, null, null, null, null, new(2027, 4, toldOn, 18, 0, 0, TimeSpan.Zero), ForecastSource.Typed, "A.");
        TemperatureDay Night(int day, double minC) => TemperatureDay.FromRange(new(2027, 4, day), minC, 12, ColdResponse.Usual);
        var told = FrostTold.Of(
            [Word(2, 3, 1), Word(2, -1, 2), Word(4, 1, 2), Word(4, -2, 3), Word(5, 0.5, 4), Word(6, -3, 6)],
            [Night(2, 1), Night(2, -1), Night(3, -4), Night(4, -1), Night(5, 2), Night(6, -3)],
            TimeSpan.Zero,
            0
        );
        Assert.Equal([(2, false, true), (4, true, true), (5, false, false)], told.Select(d => (d.Date.Day, d.Told, d.Came)));
        Assert.Equal(
            [true, true, true],
            FrostTold
                .Of([Word(5, 0.5, 4), Word(4, -2, 3), Word(2, 3, 1)], [Night(2, -1), Night(4, -1), Night(5, 2)], TimeSpan.Zero, -4)
                .Select(d => d.Told)
        );
    }
}
