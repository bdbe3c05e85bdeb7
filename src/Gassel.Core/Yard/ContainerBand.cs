using Gassel.Core.Treatments;

namespace Gassel.Core.Yard;

/// <summary>
/// Between which ends the inside by the model lies, hour by hour: each doubtful number changed alone to both of its ends, what that changes
/// upwards and downwards added as squares (law of propagation of uncertainty, JCGM 100:2008). While ice thaws in the mix the two sides
/// differ much: with more sun it is gone and the mix warm, with less it stays at nought.
/// </summary>
/// <param name="From">Hour of the run that is the first of it.</param>
public sealed record ContainerBand(int From, IReadOnlyList<TemperatureBand> Air, IReadOnlyList<TemperatureBand> Medium)
{
    /// <summary>The inside forgets how it began within a day or two; so long is run before a band is told.</summary>
    public const int SettlingHours = 4 * 24;

    /// <summary>Of the air inside; null for an hour that is not in it.</summary>
    public TemperatureBand? AirAt(int hour) => hour >= From && hour < From + Air.Count ? Air[hour - From] : null;

    /// <summary>Of the mix; null for an hour that is not in it.</summary>
    public TemperatureBand? MediumAt(int hour) => hour >= From && hour < From + Medium.Count ? Medium[hour - From] : null;

    /// <param name="from">First hour that is told.</param>
    /// <param name="to">One after the last.</param>
    /// <param name="doubtful">The numbers of the model with one at either end, each in turn.</param>
    /// <param name="times">As wide as that makes it, so many times: as earlier ones beside a thermometer ask for.</param>
    public static ContainerBand Of(
        ContainerRun run,
        int from,
        int to,
        Func<ContainerHour, ContainerSetting> settingAt,
        ContainerParameters parameters,
        double stonesKg,
        IReadOnlyList<(ContainerParameters Less, ContainerParameters More)> doubtful,
        double times = 1
    )
    {
        if (to <= from)
            return new(from, [], []);
        var begin = Math.Max(0, from - SettlingHours);
        var hours = run.Hours.Skip(begin).Take(to - begin).ToList();
        ContainerRun With(ContainerParameters p) =>
            new ContainerModel(p, stonesKg).Run(hours, settingAt, run.MediumBefore(begin), run.AirBefore(begin));
        // beside the same stretch with the numbers as they are, so that where it begins does not matter
        var usual = With(parameters);
        var ends = doubtful.Where(d => d.More != parameters).Select(d => (Less: With(d.Less), More: With(d.More))).ToList();
        return new(from, Told(run.AirC, r => r.AirC), Told(run.MediumC, r => r.MediumC));

        TemperatureBand[] Told(double[] middle, Func<ContainerRun, double[]> of)
        {
            var told = new TemperatureBand[to - from];
            for (var i = 0; i < told.Length; i++)
            {
                var (hour, moves) = (from - begin + i, new AddedAsSquares());
                foreach (var (less, more) in ends)
                    moves.Add(of(less)[hour] - of(usual)[hour], of(more)[hour] - of(usual)[hour]);
                told[i] = new(middle[from + i] - times * moves.Down, middle[from + i] + times * moves.Up);
            }
            return told;
        }
    }
}
