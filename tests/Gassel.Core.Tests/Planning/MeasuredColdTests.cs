using Gassel.Core.Planning;
using Gassel.Core.Record;

namespace Gassel.Core.Tests.Planning;

/// <summary>Counted by hand on a batch of the test book: in the cold from 1 December to 20 February, 81 days.</summary>
public class MeasuredColdTests
{
    private static readonly DateOnly In = new(2026, 12, 1);
    private static readonly Dictionary<string, Place> Places = new()
    {
        ["cold-shelf"] = new("cold-shelf", "Cold shelf", PlaceKind.ColdShelf, 4),
    };

    private static double? Days(Temperatures known)
    {
        var plan = Book.Plan();
        var part = Book.SownBalsamroot().Fold(plan).Parts[0];
        return MeasuredCold.Of(plan, part, Places, known, Book.Of("balsamroot").ResponseToCold);
    }

    [Fact]
    public void Days_in_the_best_cold_count_whole_and_warm_ones_not_at_all()
    {
        Assert.Equal(81, Days(new Temperatures().Days("cold-shelf", In, new(2027, 2, 19), 3))!.Value, 6);
        Assert.Equal(
            71,
            Days(
                new Temperatures().Days("cold-shelf", In, new(2027, 2, 9), 3).Days("cold-shelf", new(2027, 2, 10), new(2027, 2, 19), 24)
            )!.Value,
            6
        );
    }

    [Fact]
    public void What_nobody_measured_is_no_measured_cold()
    {
        Assert.Null(Days(new Temperatures()));
        // 60 of 81 days are less than four in five, 70 are more, and of the rest the place says what is set for it
        Assert.Null(Days(new Temperatures().Days("cold-shelf", In, In.AddDays(59), 3)));
        Assert.Equal(81, Days(new Temperatures().Days("cold-shelf", In, In.AddDays(69), 3))!.Value, 6);
    }
}
