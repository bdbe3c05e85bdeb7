namespace Gassel.Core.Diagnosis;

/// <summary>
/// Of made-up seasons with such a record, the share in which a cause was at work. Each finding counts by how often its like was right
/// there; a record without a fault counts the more, the better chance alone explains what came up. It is a model: it takes each fault for
/// as frequent as any other, and knows only the faults that were made up.
/// </summary>
public static class CauseChances
{
    /// <summary>Likeness of seeds within a batch (our assumption).</summary>
    private const double Alike = 0.03;

    /// <summary>So much a record without a fault counts beside one with (chosen for the best likelihood in made-up seasons).</summary>
    private const double Faultless = 10;

    /// <summary>So much other causes take from one another; several may be at work (chosen likewise).</summary>
    private const double Shared = 0.3;

    /// <summary>And no more than this, however certain they are: a second fault is rare, not impossible (our assumption).</summary>
    private const double SharedAtMost = 40;

    /// <summary>A share that was expected by nobody is taken to lie anywhere around half.</summary>
    private const double UnknownSd = 0.25;

    /// <summary>Nine in ten lie within so many standard deviations of the mean.</summary>
    private const double NineInTen = 1.645;

    /// <summary>What is reckoned, and the share that it was in the seasons of <see cref="CauseTable"/>, smoothed by hand.</summary>
    private static readonly IReadOnlyList<(double Reckoned, double Was)> Calibration =
    [
        (0, 0.005),
        (0.07, 0.055),
        (0.12, 0.12),
        (0.3, 0.14),
        (0.4, 0.33),
        (0.5, 0.4),
        (0.62, 0.48),
        (0.7, 0.58),
        (0.78, 0.74),
        (0.87, 0.83),
        (0.93, 0.92),
        (1, 0.995),
    ];

    /// <returns>0..1, in the order of the findings.</returns>
    public static IReadOnlyList<double> Of(GerminationGround ground, IReadOnlyList<CauseFinding> findings) =>
        [.. Reckoned(ground, findings).Select(Calibrated)];

    /// <summary>Before they are held against what was true.</summary>
    public static IReadOnlyList<double> Reckoned(GerminationGround ground, IReadOnlyList<CauseFinding> findings)
    {
        var weights = findings.Select(f => CauseTable.Of[f.Cause].Weight(f.Likelihood)).ToList();
        var (all, chance) = (weights.Sum(), Faultless * ByChance(ground));
        return [.. weights.Select(w => w / (chance + w + Math.Min(SharedAtMost, Shared * (all - w))))];
    }

    /// <summary>Density of the share that came up, of one without a fault; of one with a fault it is 1.</summary>
    private static double ByChance(GerminationGround ground)
    {
        var (mean, sd) = ground.Plan.Forecast switch
        {
            { } told when told.High > told.Low => (told.Mean, (told.High - told.Low) / (2 * NineInTen)),
            { Mean: var share } => (share, Math.Sqrt(share * (1 - share) * (1 + ((ground.Result.Sown - 1) * Alike)) / ground.Result.Sown)),
            null => (Judgement.LowWithoutForecast, UnknownSd),
        };
        var off = (ground.Share - mean) / Math.Max(sd, 1e-3);
        return Math.Exp(-off * off / 2) / (Math.Max(sd, 1e-3) * Math.Sqrt(2 * Math.PI));
    }

    private static double Calibrated(double reckoned)
    {
        var next = 1;
        while (next < Calibration.Count - 1 && Calibration[next].Reckoned < reckoned)
            next++;
        var ((a, low), (b, high)) = (Calibration[next - 1], Calibration[next]);
        return low + ((high - low) * (reckoned - a) / (b - a));
    }
}
