using Gassel.Core.Planning;

namespace Gassel.Solver;

/// <summary>A plan to begin with: one wish after another on the day nearest to its best that has room, the weighty ones first.</summary>
internal static class SeasonFirstFit
{
    public static SeasonPlan Of(SeasonProblem problem)
    {
        var stands = problem.Places.ToDictionary(p => p.Id, _ => new Dictionary<DateOnly, int>());
        var room = problem.Places.ToDictionary(p => p.Id, p => p.Room);
        foreach (var taken in problem.Taken)
            Take(taken.Place, taken.From, taken.To, taken.Units);
        var starts = problem.Wishes.ToDictionary(w => w.Id, _ => (DateOnly?)null);
        foreach (
            var wish in problem.Wishes.OrderByDescending(w => w.Priority).ThenByDescending(Size).ThenBy(w => w.Id, StringComparer.Ordinal)
        )
        {
            if (Days(wish).Select(d => (DateOnly?)d).FirstOrDefault(d => Fits(wish, d!.Value)) is not { } day)
                continue;
            starts[wish.Id] = day;
            foreach (var (place, units, from, to) in wish.From(day))
                Take(place, from, to, units);
        }
        return new(starts, problem.Wishes.Sum(w => w.Cost(starts[w.Id])));

        bool Fits(SeasonWish wish, DateOnly day)
        {
            // a wish may come to a place twice, and then stands there on other days
            foreach (var (place, units, from, to) in wish.From(day))
            {
                for (var d = from; d < to; d = d.AddDays(1))
                {
                    if (stands[place].GetValueOrDefault(d) + units > room[place])
                        return false;
                }
            }
            return true;
        }

        void Take(string place, DateOnly from, DateOnly to, int units)
        {
            for (var d = from; d < to; d = d.AddDays(1))
                stands[place][d] = stands[place].GetValueOrDefault(d) + units;
        }
    }

    private static int Size(SeasonWish wish) => wish.Steps.Sum(s => s.Room * s.Days);

    /// <summary>Days of a wish, those nearest to its best first.</summary>
    private static IEnumerable<DateOnly> Days(SeasonWish wish) =>
        Enumerable
            .Range(wish.Earliest.DayNumber, wish.Latest.DayNumber - wish.Earliest.DayNumber + 1)
            .OrderBy(d => Math.Abs(d - wish.Target.DayNumber))
            .Select(DateOnly.FromDayNumber);
}
