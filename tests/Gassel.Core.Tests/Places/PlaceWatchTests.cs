using Gassel.Core.Climate;
using Gassel.Core.Places;
using Gassel.Core.Record;

namespace Gassel.Core.Tests.Places;

/// <summary>Fridges too warm, frozen or silent, and probes that jump. Limits are common practice or our assumption, as each says.</summary>
public class PlaceWatchTests
{
    private static readonly Place Fridge = UsualPlaces.Starter.Single(p => p.Kind == PlaceKind.ColdShelf);
    private static readonly Place Mat = UsualPlaces.Starter.Single(p => p.Kind == PlaceKind.HeatMat);
    private static readonly DateTimeOffset Noon = new(2027, 3, 10, 12, 0, 0, TimeSpan.Zero);

    /// <summary>A reading every ten minutes, each level for its hours.</summary>
    private static List<TemperatureReading> Every10(params (double Hours, double C)[] levels)
    {
        var readings = new List<TemperatureReading>();
        var at = Noon.ToUnixTimeMilliseconds();
        foreach (var (hours, c) in levels)
        {
            for (var i = 0; i < hours * 6; i++, at += 600_000)
                readings.Add(new(at, c));
        }
        return readings;
    }

    private static IReadOnlyList<PlaceTrouble> Of(
        Place place,
        List<TemperatureReading> readings,
        double hoursSince = 0,
        bool watched = true
    ) => PlaceWatch.Of(place, readings, watched ? Noon.AddDays(-30) : null, readings[^1].At.AddHours(hoursSince));

    [Fact]
    public void A_fridge_that_is_cold_is_no_trouble() => Assert.Empty(Of(Fridge, Every10((200, 4), (1, 9), (48, 3))));

    [Fact]
    public void Two_hours_too_warm_are_told_with_the_worst_and_the_beginning()
    {
        var trouble = Assert.Single(Of(Fridge, Every10((10, 4), (2, 8.5), (1, 11.2))));
        Assert.Equal((PlaceTroubleKind.TooWarm, Noon.AddHours(10), null, 11.2), (trouble.Kind, trouble.From, trouble.To, trouble.WorstC));
        Assert.Contains("above 8 °C, at worst 11.2 °C", trouble.Words.Said());
        Assert.NotNull(trouble.ToDo);
        Assert.True(trouble.HurtsSeed);
    }

    [Fact]
    public void What_is_over_is_kept_with_its_end_and_asks_for_nothing()
    {
        var trouble = Assert.Single(Of(Fridge, Every10((10, 4), (5, -2.5), (10, 3))));
        Assert.Equal(
            (PlaceTroubleKind.Frozen, Noon.AddHours(15).AddMinutes(-10), -2.5, null),
            (trouble.Kind, trouble.To!.Value, trouble.WorstC, trouble.ToDo)
        );
    }

    [Fact]
    public void A_compressor_that_swings_over_the_limit_and_back_is_one_trouble() =>
        Assert.Equal(
            11.0,
            Assert.Single(Of(Fridge, Every10((10, 4), (0.5, 9), (0.5, 7.5), (0.5, 9), (0.5, 7), (0.5, 11), (0.5, 7)))).WorstC
        );

    [Theory]
    [InlineData(3, 0)]
    [InlineData(3.5, 1)]
    public void A_probe_is_silent_after_three_hours(double hours, int troubles) =>
        Assert.Equal(troubles, Of(Fridge, Every10((10, 4)), hours).Count);

    [Theory]
    [InlineData(3, 0)]
    [InlineData(4, 1)]
    public void A_probe_that_never_said_anything_is_silent_since_it_was_attached(double hours, int troubles) =>
        Assert.Equal(troubles, PlaceWatch.Of(Fridge, [], Noon, Noon.AddHours(hours)).Count);

    [Fact]
    public void What_a_file_left_out_before_the_probe_came_is_no_silence_of_the_probe()
    {
        var readings = Every10((10, 4));
        readings.Add(new(Noon.AddDays(5).ToUnixTimeMilliseconds(), 4));
        Assert.Empty(PlaceWatch.Of(Fridge, readings, Noon.AddDays(6), Noon.AddDays(6)));
    }

    [Fact]
    public void The_end_of_a_file_is_no_silence_and_a_warmth_before_it_does_not_last()
    {
        Assert.Empty(Of(Fridge, Every10((10, 4)), 50, watched: false));
        var trouble = Assert.Single(Of(Fridge, Every10((10, 4), (4, 12)), 50, watched: false));
        Assert.False(trouble.IsPresent);
    }

    [Fact]
    public void A_silence_in_the_middle_is_told_after_it_is_over()
    {
        var readings = Every10((10, 4));
        readings.AddRange(Every10((10, 4)).Select(r => r with { UnixMs = r.UnixMs + (20 * 3_600_000L) }));
        var trouble = Assert.Single(Of(Fridge, readings));
        Assert.Equal((PlaceTroubleKind.Silent, Noon.AddHours(20), false), (trouble.Kind, trouble.To!.Value, trouble.HurtsSeed));
    }

    [Fact]
    public void Thirty_degrees_on_a_mat_are_told_at_once() =>
        Assert.Equal(PlaceTroubleKind.TooHot, Assert.Single(Of(Mat, Every10((10, 24), (0.1, 30.5)))).Kind);

    /// <summary>From 4 to 44 °C within a minute and back.</summary>
    [Fact]
    public void A_jump_of_forty_degrees_in_a_minute_is_kept_flagged_and_left_out()
    {
        var readings = Every10((10, 4));
        var last = readings[^1].UnixMs;
        readings.Add(new(last + 60_000, 44));
        readings.AddRange(Every10((1, 4)).Select((r, i) => r with { UnixMs = last + ((i + 1) * 600_000L) }));
        Assert.Equal([44.0], ReadingJumps.Judge(readings).Where(r => r.IsJump).Select(r => r.Reading.TempC));
        Assert.DoesNotContain(ReadingJumps.LeaveOut(readings), r => r.TempC > 5);
        var trouble = Assert.Single(Of(Fridge, readings));
        Assert.Equal((PlaceTroubleKind.Jumping, 44.0), (trouble.Kind, trouble.WorstC));
        Assert.Empty(Of(Fridge, readings, 25, watched: false));
    }

    [Fact]
    public void A_probe_carried_into_a_warm_room_is_believed_when_it_stays_warm()
    {
        var judged = ReadingJumps.Judge(Every10((2, 4), (5, 30))).ToList();
        Assert.Equal(1, judged.Count(r => r.IsJump));
        Assert.False(judged[^1].IsJump);
    }

    /// <summary>A door left open: a degree a minute or less is warmth, not a jump.</summary>
    [Fact]
    public void A_door_left_open_is_no_jump() =>
        Assert.DoesNotContain(ReadingJumps.Judge(Enumerable.Range(0, 20).Select(i => new TemperatureReading(i * 60_000L, 4 + i))), r =>
            r.IsJump
        );
}
