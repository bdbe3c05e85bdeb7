using Gassel.Core.Climate;
using Gassel.Core.Record;

namespace Gassel.Core.Yard;

/// <summary>What was told of the inside of a container, day by day, beside a thermometer that lay in it.</summary>
public static class InsideDays
{
    /// <summary>So many days known before a day that was foretold: the ground under a container remembers as long.</summary>
    public const int DaysBefore = 31;

    /// <summary>How many lay within what was told of them.</summary>
    /// <param name="days">At least one.</param>
    public static string Words(IReadOnlyList<InsideDay> days)
    {
        var held = days.SelectMany(d => new[] { d.Coldest, d.Hottest }).Count(t => t.TruthC >= t.LowC && t.TruthC <= t.HighC);
        var foretold = days.Count(d => d.Foretold);
        var whole = days.Count == 1 ? "1 whole day" : Text.Of($"{days.Count} whole days");
        return Text.Of($"{held} of the {2 * days.Count} coldest and hottest temperatures of {whole} lay within what was told of them")
            + (
                foretold == 0 ? ", by the weather as it was."
                : foretold == days.Count ? ", each the evening before."
                : Text.Of(
                    $", of {(foretold == 1 ? "1 day" : $"{foretold} days")} the evening before, of the others by the weather as it was."
                )
            );
    }

    /// <param name="run">With the weather as it was known afterwards.</param>
    /// <param name="foretold">Hours of up to <see cref="DaysBefore"/> days before a day, of the day and of what lies after it, as the
    /// evening before knew them; null where nobody foretold the day.</param>
    /// <param name="observed">Hours of <paramref name="run"/> and what was measured at their end.</param>
    /// <param name="doubtful">The numbers of the model with one at either end, each in turn.</param>
    /// <param name="times">Ranges are told so many times as wide as the model makes them.</param>
    /// <returns>Days of which the thermometer has nearly all hours, in order.</returns>
    public static IReadOnlyList<InsideDay> Of(
        ContainerRun run,
        Func<DateOnly, IReadOnlyList<ContainerHour>?> foretold,
        Func<ContainerHour, ContainerSetting> settingAt,
        ContainerParameters parameters,
        double stonesKg,
        IReadOnlyList<(ContainerParameters Less, ContainerParameters More)> doubtful,
        double times,
        IReadOnlyList<(int Hour, double TempC)> observed,
        ProbeSpot spot
    )
    {
        var days = observed
            .GroupBy(o => o.Hour / 24)
            .Where(g => g.Count() >= SiteWeather.HoursOfADay)
            .OrderBy(g => g.Key)
            .Select(g => (First: g.Key * 24, Coldest: g.Min(o => o.TempC), Hottest: g.Max(o => o.TempC)))
            .ToList();
        if (days.Count == 0)
            return [];
        var known = Band(run, days[0].First, Math.Min(days[^1].First + 24, run.Hours.Count));
        return [.. days.Select(day => Told(day.First, day.Coldest, day.Hottest))];

        ContainerBand Band(ContainerRun of, int from, int to) =>
            ContainerBand.Of(of, from, to, settingAt, parameters, stonesKg, doubtful, times);

        InsideDay Told(int first, double coldest, double hottest)
        {
            var date = run.Hours[first].Date;
            if (foretold(date) is not { } hours)
                return Day(date, false, run, known, first, coldest, hottest);
            var begin = (int)Math.Round((hours[0].At - run.Hours[0].At).TotalHours);
            var ahead = new ContainerModel(parameters, stonesKg).Run(hours, settingAt, run.MediumBefore(begin), run.AirBefore(begin));
            return Day(date, true, ahead, Band(ahead, first - begin, first - begin + 24), first - begin, coldest, hottest);
        }

        InsideDay Day(DateOnly date, bool ahead, ContainerRun of, ContainerBand band, int first, double coldest, double hottest)
        {
            var hours = Enumerable.Range(first, 24).Where(i => i < of.Hours.Count).ToList();
            var guess = hours.ConvertAll(i => spot == ProbeSpot.Air ? of.AirC[i] : of.MediumC[i]);
            var range = hours.ConvertAll(i => (spot == ProbeSpot.Air ? band.AirAt(i) : band.MediumAt(i))!.Value);
            return new(
                date,
                ahead,
                new(range.Min(r => r.LowC), guess.Min(), range.Min(r => r.HighC), coldest),
                new(range.Max(r => r.LowC), guess.Max(), range.Max(r => r.HighC), hottest)
            );
        }
    }
}
