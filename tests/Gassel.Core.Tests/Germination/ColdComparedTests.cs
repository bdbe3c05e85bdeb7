using Gassel.Core.Germination;

namespace Gassel.Core.Tests.Germination;

/// <summary>Cold by thermometer beside cold by the calendar, on batches of which it is known by which they came up.</summary>
public class ColdComparedTests
{
    /// <summary>Batches of the calculator's definition, which came up by these days: log-likelihood −38.798093 (R).</summary>
    private static readonly (double Days, int Sown, int Up)[] Batches =
    [
        (0, 60, 1),
        (0, 50, 6),
        (30, 60, 9),
        (30, 80, 31),
        (30, 40, 4),
        (60, 60, 40),
        (60, 72, 30),
        (60, 50, 41),
        (90, 60, 44),
        (90, 60, 25),
        (90, 90, 79),
    ];

    /// <summary>Told about, so that the calendar says nothing of what came up.</summary>
    private static readonly double[] Jumbled = [40, 90, 10, 60, 95, 20, 70, 35, 5, 80, 50];

    private static ColdCompared? Told(Func<int, double> calendar, Func<int, double?> weighted) =>
        ColdCompared.From([.. Batches.Select((b, i) => (new ColdBatch(calendar(i), b.Sown, b.Up), weighted(i)))]);

    [Fact]
    public void What_explains_them_is_told_from_what_does_not()
    {
        var better = Told(i => Jumbled[i], i => Batches[i].Days)!;
        Assert.Equal(-38.798093, better.ByWeight, 1e-4);
        Assert.True(better.ByCalendar < better.ByWeight - 4, $"{better}");
        Assert.Contains("The days by weight explain them better", better.Words(), StringComparison.Ordinal);
        var worse = Told(i => Batches[i].Days, i => Jumbled[i])!;
        Assert.Equal((better.ByWeight, better.ByCalendar), (worse.ByCalendar, worse.ByWeight));
        Assert.Contains("The days by weight explain them worse", worse.Words(), StringComparison.Ordinal);
    }

    [Fact]
    public void As_many_days_fewer_of_each_explain_them_as_well()
    {
        var told = Told(i => Batches[i].Days + 12, i => Batches[i].Days)!;
        Assert.Equal(12, told.Fewer, 9);
        Assert.Equal(told.ByCalendar, told.ByWeight, 1e-4);
        Assert.StartsWith("11 of 11 batches had a thermometer: by weight 12 days of cold fewer", told.Words(), StringComparison.Ordinal);
        Assert.Contains("explain them as well", told.Words(), StringComparison.Ordinal);
    }

    [Fact]
    public void Both_go_by_the_batches_that_had_a_thermometer_and_by_five_at_least()
    {
        var told = Told(i => Batches[i].Days, i => i % 2 == 0 ? Batches[i].Days : null)!;
        Assert.Equal((6, 11), (told.Batches, told.Of));
        Assert.Equal(told.ByCalendar, told.ByWeight, 1e-9);
        Assert.Null(Told(i => Batches[i].Days, i => i < 4 ? Batches[i].Days : null));
    }
}
