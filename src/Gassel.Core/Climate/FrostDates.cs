namespace Gassel.Core.Climate;

/// <summary>Last spring and first autumn frost of each year, their quantiles and risks, from daily minima.</summary>
public static class FrostDates
{
    /// <summary>A half-year counts with at least this share of its days.</summary>
    private const double LeastShare = 0.9;

    /// <summary>Fewer years than this make a range, not a risk (our assumption).</summary>
    public const int YearsForARisk = 10;

    /// <param name="daily">Any order, each day once.</param>
    /// <param name="latitude">The equator counts as north.</param>
    public static FrostResult From(IReadOnlyList<DailyMinimum> daily, double thresholdC, double latitude)
    {
        var south = latitude < 0;
        var seasons = daily
            .GroupBy(d => SeasonYear(d.Date, south))
            .OrderBy(g => g.Key)
            .Select(g => Season.Of(g.Key, [.. g], thresholdC, south))
            .ToList();
        var springs = seasons.Where(s => s.SpringCounts).ToList();
        var autumns = seasons.Where(s => s.AutumnCounts).ToList();
        var last = springs.Where(s => s.LastSpring is not null).Select(s => Offset(s.LastSpring!.Value, s.First)).ToList();
        var first = autumns.Where(s => s.FirstAutumn is not null).Select(s => Offset(s.FirstAutumn!.Value, s.First)).ToList();
        var used = seasons.Where(s => s.SpringCounts || s.AutumnCounts).ToList();
        return new(
            [.. used.Select(s => new FrostYear(s.Year, s.SpringCounts ? s.LastSpring : null, s.AutumnCounts ? s.FirstAutumn : null))],
            Quantiles(last, south),
            Quantiles(first, south),
            new(Shares(last, springs.Count, south, after: true), Shares(first, autumns.Count, south, after: false)),
            used.Count,
            springs.Count,
            autumns.Count,
            springs.Count - last.Count,
            autumns.Count - first.Count,
            Working(thresholdC, south, springs.Count, autumns.Count)
        );
    }

    private static int SeasonYear(DateOnly date, bool south) => south && date.Month < 7 ? date.Year - 1 : date.Year;

    private static int Offset(DateOnly day, DateOnly first) => day.DayNumber - first.DayNumber;

    private sealed record Season(
        int Year,
        DateOnly First,
        bool SpringCounts,
        bool AutumnCounts,
        DateOnly? LastSpring,
        DateOnly? FirstAutumn
    )
    {
        /// <summary>North: spring 1 January–31 July, autumn 1 August–31 December. South: six months later, autumn first.</summary>
        public static Season Of(int year, List<DailyMinimum> days, double thresholdC, bool south)
        {
            var first = new DateOnly(year, south ? 7 : 1, 1);
            var (springFrom, springTo) = south ? (first, new DateOnly(year + 1, 1, 31)) : (first, new DateOnly(year, 7, 31));
            var (autumnFrom, autumnTo) = south
                ? (new DateOnly(year + 1, 2, 1), new DateOnly(year + 1, 6, 30))
                : (new DateOnly(year, 8, 1), new DateOnly(year, 12, 31));
            List<DailyMinimum> Within(DateOnly from, DateOnly to) =>
                [.. days.Where(d => d.Date >= from && d.Date <= to && d.MinC is not null)];
            bool Enough(List<DailyMinimum> there, DateOnly from, DateOnly to) =>
                there.Count >= LeastShare * (to.DayNumber - from.DayNumber + 1);
            var (spring, autumn) = (Within(springFrom, springTo), Within(autumnFrom, autumnTo));
            var springFrosts = spring.Where(d => d.MinC <= thresholdC).Select(d => d.Date).ToList();
            var autumnFrosts = autumn.Where(d => d.MinC <= thresholdC).Select(d => d.Date).ToList();
            return new(
                year,
                first,
                Enough(spring, springFrom, springTo),
                Enough(autumn, autumnFrom, autumnTo),
                springFrosts.Count > 0 ? springFrosts.Max() : null,
                autumnFrosts.Count > 0 ? autumnFrosts.Min() : null
            );
        }
    }

    private static FrostQuantiles? Quantiles(List<int> offsets, bool south)
    {
        if (offsets.Count == 0)
            return null;
        var sorted = offsets.Order().ToList();
        double At(double share) => SeasonDays.Quantile(sorted, share);
        return new(
            SeasonDays.Calendar(At(0.1), south),
            SeasonDays.Calendar(At(0.5), south),
            SeasonDays.Calendar(At(0.9), south),
            At(0.1),
            At(0.5),
            At(0.9)
        );
    }

    /// <summary>One entry a day over the range in which frosts ended or began.</summary>
    private static List<FrostShare> Shares(List<int> offsets, int years, bool south, bool after)
    {
        if (offsets.Count == 0)
            return [];
        // the calendar ends with its year: what comes after the last day is not the first
        return
        [
            .. Enumerable
                .Range(offsets.Min() - 1, offsets.Max() - offsets.Min() + 3)
                .Where(day => day is >= 0 and < 365)
                .Select(day => new FrostShare(
                    SeasonDays.Calendar(day, south),
                    (double)offsets.Count(o => after ? o > day : o < day) / years
                )),
        ];
    }

    private static List<string> Working(double thresholdC, bool south, int springs, int autumns)
    {
        var lines = new List<string>
        {
            Text.Of($"Frost: a day whose minimum is at or below {Quantity.Temperature(thresholdC)}."),
            south
                ? "South: season from 1 July; spring to 31 January, autumn 1 February to 30 June."
                : "North: last spring frost up to 31 July, first autumn frost from 1 August.",
            Text.Of(
                $"{springs} springs and {autumns} autumns with at least 90 % of their days; quantiles linear between "
                    + $"years (R's type 7), years without frost left out and counted as no frost in the shares."
            ),
        };
        if (Math.Min(springs, autumns) < YearsForARisk)
            lines.Add(Text.Of($"With fewer than {YearsForARisk} years we give a range, not a risk."));
        return lines;
    }
}
