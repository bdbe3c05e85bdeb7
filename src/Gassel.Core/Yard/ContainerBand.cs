namespace Gassel.Core.Yard;

/// <summary>
/// How far the inside by the model may be off, hour by hour: each doubtful number changed alone, the changes added as squares (law of
/// propagation of uncertainty, JCGM 100:2008).
/// </summary>
/// <param name="From">Hour of the run that is the first of it.</param>
/// <param name="AirK">To both sides of the air inside, K.</param>
/// <param name="MediumK">To both sides of the mix, K.</param>
public sealed record ContainerBand(int From, double[] AirK, double[] MediumK)
{
    /// <summary>The inside forgets how it began within a day or two; so long is run before a band is told.</summary>
    public const int SettlingHours = 4 * 24;

    /// <summary>
    /// The model is not straight: so many times as wide, nine in ten of containers drawn at random lie within (docs/evidence.md).
    /// </summary>
    private const double Bent = 1.1;

    public bool Knows(int hour) => hour >= From && hour < From + AirK.Length;

    /// <param name="from">First hour that is told.</param>
    /// <param name="to">One after the last.</param>
    /// <param name="doubtful">The numbers of the model with one changed, each in turn.</param>
    public static ContainerBand Of(
        ContainerRun run,
        int from,
        int to,
        Func<ContainerHour, ContainerSetting> settingAt,
        ContainerParameters parameters,
        double stonesKg,
        IReadOnlyList<ContainerParameters> doubtful
    )
    {
        var begin = Math.Max(0, from - SettlingHours);
        var hours = run.Hours.Skip(begin).Take(to - begin).ToList();
        var (air, medium) = (new double[Math.Max(0, to - from)], new double[Math.Max(0, to - from)]);
        if (air.Length == 0)
            return new(from, air, medium);
        ContainerRun With(ContainerParameters p) =>
            new ContainerModel(p, stonesKg).Run(hours, settingAt, run.MediumBefore(begin), run.AirBefore(begin));
        // beside the same stretch with the numbers as they are, so that where it begins does not matter
        var usual = With(parameters);
        foreach (var other in doubtful.Where(p => p != parameters).Select(With))
        {
            for (var i = 0; i < air.Length; i++)
            {
                var hour = from - begin + i;
                air[i] += Square(other.AirC[hour] - usual.AirC[hour]);
                medium[i] += Square(other.MediumC[hour] - usual.MediumC[hour]);
            }
        }
        for (var i = 0; i < air.Length; i++)
            (air[i], medium[i]) = (Bent * Math.Sqrt(air[i]), Bent * Math.Sqrt(medium[i]));
        return new(from, air, medium);
    }

    private static double Square(double x) => x * x;
}
