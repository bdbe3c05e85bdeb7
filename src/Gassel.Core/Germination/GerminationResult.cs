namespace Gassel.Core.Germination;

/// <summary>Everything the counts of one sowing say. Times belong to one part, from its own sowing.</summary>
/// <param name="Fraction">Emerged ÷ sown, 0..1.</param>
/// <param name="Points">As counted, cumulative.</param>
/// <param name="Line">The fitted curve up to the last count; empty without one.</param>
/// <param name="Band">Empty where there is no curve or the bootstrap could not be fitted often enough.</param>
/// <param name="Advice">Null without a context.</param>
public sealed record GerminationResult(
    int Sown,
    int Emerged,
    double Fraction,
    FractionInterval Wilson,
    FractionInterval Exact,
    GerminationIndices Indices,
    IReadOnlyList<EmergencePoint> Points,
    EmergenceCurve? Curve,
    IReadOnlyList<EmergencePoint> Line,
    IReadOnlyList<BandPoint> Band,
    StoppingAdvice? Advice,
    IReadOnlyList<string> Working
)
{
    private const int LinePoints = 81;

    /// <summary>What can be said of the times where the first count found seedlings that nobody saw come.</summary>
    public required ObservedTimes Times { get; init; }

    /// <summary>Before anything can be up: days since sowing from which to look. Null later, and without a context.</summary>
    public double? LookFrom { get; init; }

    /// <param name="sown">At least 1 and at least the sum of the counts.</param>
    /// <param name="counts">Strictly increasing days; a day below <see cref="SeedlingCount.EarliestDay"/> holds no seedlings.</param>
    /// <param name="confidence">Of the two intervals for the fraction, in (0, 1).</param>
    /// <param name="drawn">False for a result that nobody draws: its curve has no band, which takes many fits.</param>
    public static GerminationResult From(
        int sown,
        IReadOnlyList<SeedlingCount> counts,
        double confidence = 0.95,
        SowingContext? context = null,
        bool drawn = true,
        CancellationToken cancel = default
    )
    {
        var emerged = counts.Sum(c => c.Emerged);
        var fit = EmergenceCurveFit.Fit(sown, counts);
        var fits = fit.Curve is null || !drawn ? [] : CurveBand.Fits(fit.Curve, sown, counts, cancel: cancel);
        var band = CurveBand.Of(fits, counts.Count == 0 ? 0 : counts[^1].Day);
        var wilson = Proportion.Wilson(emerged, sown, confidence);
        var indices = GerminationIndices.From(sown, counts);
        var times = ObservedTimes.Of(counts, indices);
        return new(
            sown,
            emerged,
            (double)emerged / sown,
            wilson,
            Proportion.Exact(emerged, sown, confidence),
            indices,
            Cumulate(sown, counts),
            fit.Curve,
            Trace(fit.Curve, counts),
            band,
            context is null ? null : StoppingRule.Advise(sown, counts, fit.Curve, context, fits),
            [.. Explain(sown, emerged, confidence, wilson, indices, fit, band), .. times.Working]
        )
        {
            Times = times,
            LookFrom =
                context is { } known
                && emerged == 0
                && Math.Max(known.DayNow ?? 0, counts.Count == 0 ? 0 : counts[^1].Day) < known.WindowShortestDays
                    ? known.WindowShortestDays
                    : null,
        };
    }

    private static List<EmergencePoint> Cumulate(int sown, IReadOnlyList<SeedlingCount> counts)
    {
        var up = 0;
        return [.. counts.Select(c => new EmergencePoint(c.Day, (double)(up += c.Emerged) / sown))];
    }

    private static List<EmergencePoint> Trace(EmergenceCurve? curve, IReadOnlyList<SeedlingCount> counts) =>
        curve is null
            ? []
            :
            [
                .. Enumerable
                    .Range(0, LinePoints)
                    .Select(i => counts[^1].Day * i / (LinePoints - 1))
                    .Select(day => new EmergencePoint(day, curve.At(day))),
            ];

    private static List<string> Explain(
        int sown,
        int emerged,
        double confidence,
        FractionInterval wilson,
        GerminationIndices indices,
        CurveFit fit,
        IReadOnlyList<BandPoint> band
    )
    {
        var lines = new List<string>
        {
            Text.Of($"{emerged} emerged of {sown} sown = {Percent.Of((double)emerged / sown)}."),
            Text.Of($"{Percent.Of(confidence)} interval {wilson.Low:P1} to {wilson.High:P1} (Wilson 1927)."),
        };
        if (indices.MeanTime is { } mean)
        {
            lines.Add(
                Text.Of(
                    $"T50 {indices.T50Farooq:0.##} days: half of the {emerged} seedlings, linear between counts "
                        + $"(Farooq et al. 2005); {indices.T50Coolbear:0.##} days by Coolbear et al. 1984."
                )
            );
            lines.Add(Text.Of($"Mean time {mean:0.##} days = Σ(seedlings × day) ÷ {emerged} (Ranal & Santana 2006)."));
        }
        else
        {
            lines.Add("No seedlings yet: times and rates do not exist.");
        }
        lines.Add(
            fit switch
            {
                { Curve: { } c } => Text.Of(
                    $"Curve d/(1+(e/t)^b): d {c.MaxFraction:P1}, e {c.T50:0.##} days, b {c.Shape:0.##}; maximum "
                        + $"likelihood on the count intervals (Ritz, Pipper & Streibig "
                        + $"2013){(c.Extrapolated ? "; extrapolated, so not leaned on yet" : "")}."
                ),
                { Absence: CurveAbsence.TooFewCountsWithSeedlings } => "No curve: seedlings in fewer than two counts.",
                { Absence: CurveAbsence.OnlyTwoNeighbouringCounts } => "No curve: seedlings in two neighbouring counts only.",
                { Absence: CurveAbsence.TooSteep } =>
                    "No curve: the seedlings came so close together that the counts hold no slope (b above 50).",
                _ => "No curve: the counts do not pin down both time and slope.",
            }
        );
        if (fit.Curve is not null)
        {
            lines.Add(
                band.Count > 0
                    ? $"Band: pointwise 95 %, parametric bootstrap of {CurveBand.Draws} draws with a fixed seed; the "
                        + $"limits leave {CurveBand.Tail:P0} of the draws out on each side, which held the truth in 95 % of "
                        + $"simulated sowings."
                    : "No band: too few bootstrap draws could be fitted."
            );
        }
        return lines;
    }
}
