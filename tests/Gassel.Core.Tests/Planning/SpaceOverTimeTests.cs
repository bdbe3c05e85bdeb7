using CsCheck;
using Gassel.Core.Planning;
using Gassel.Core.Record;

namespace Gassel.Core.Tests.Planning;

/// <summary>Bags on a shelf, counted by hand.</summary>
public class SpaceOverTimeTests
{
    private static readonly DateOnly Day = new(2027, 1, 1);

    private static SpaceTaken Cold(int from, int to, int units = 1) => new(PlaceKind.ColdShelf, Day.AddDays(from), Day.AddDays(to), units);

    private static PlaceOverTime Shelf(int room, IReadOnlyList<SpaceTaken> taken, params MovableBatch[] movable) =>
        SpaceOverTime
            .For(taken, new Dictionary<PlaceKind, int> { [PlaceKind.ColdShelf] = room }, movable, Day, Day.AddDays(100))
            .Single(p => p.Place == PlaceKind.ColdShelf);

    [Fact]
    public void Days_that_overflow_are_named_and_the_smallest_move_that_resolves_them_is_proposed()
    {
        SpaceTaken[] taken = [Cold(0, 40, 2), Cold(20, 60)];
        var movable = new MovableBatch("B-7", [taken[1]], Day.AddDays(20), EarliestBy: 5, LatestBy: 30);
        var shelf = Shelf(2, taken, movable);
        Assert.Equal([new SpaceStretch(Day.AddDays(20), Day.AddDays(40), 3)], shelf.Overflows);
        // twenty days later the two bags are gone
        Assert.Equal("B-7 begun on 10 Feb 2027, still in its window, would solve it.", shelf.Suggestion!.Said());
    }

    [Fact]
    public void What_cannot_be_moved_asks_for_room_instead()
    {
        SpaceTaken[] taken = [Cold(0, 40, 2), Cold(20, 60)];
        var shelf = Shelf(2, taken, new MovableBatch("B-7", [taken[1]], Day.AddDays(20), 5, 10));
        Assert.Contains("make room for 1 more bags from 21 Jan 2027", shelf.Suggestion!.Said());
        Assert.Null(Shelf(3, taken).Suggestion);
    }

    [Fact]
    public void The_staircase_holds_what_is_there_on_every_day() =>
        Gen.Select(Gen.Int[-20, 110], Gen.Int[1, 60], Gen.Int[1, 4])
            .Array[0, 12]
            .Sample(
                stays =>
                {
                    var taken = stays.Select(s => Cold(s.Item1, s.Item1 + s.Item2, s.Item3)).ToList();
                    var stairs = SpaceOverTime.Stretches(taken, Day, Day.AddDays(100));
                    for (var d = 0; d < 100; d++)
                    {
                        var day = Day.AddDays(d);
                        Assert.Equal(
                            taken.Where(t => t.From <= day && day < t.To).Sum(t => t.Units),
                            stairs.Single(s => s.From <= day && day < s.To).Taken
                        );
                    }
                },
                iter: 200
            );
}
