using MathNet.Numerics.Distributions;
using MathNet.Numerics.LinearAlgebra;

namespace Gassel.Core.Germination;

/// <summary>
/// Fits which treatments matter: a logistic regression of the share that came up, with batches that differ among themselves
/// (beta-binomial) and lots that lie apart (normal on the logit), by maximum likelihood. Intervals from the curvature at the maximum with
/// Student's t, widened by what the fit takes of the batches' freedom (checked by simulation, docs/evidence.md); of differences by the
/// delta method.
/// </summary>
public static class TreatmentFit
{
    /// <summary>With fewer batches it is silent (our rule).</summary>
    public const int LeastBatches = 6;

    /// <summary>Lots are told from their batches where so many have more than one (our rule).</summary>
    public const int LeastLots = 3;

    /// <summary>An effect of which the logit is known no better: all or none came up on one side (our rule).</summary>
    private const double MostError = 4;

    /// <summary>A factor that is not on record for more is not told; for fewer, these batches are left out (our rule).</summary>
    private const double MostUnknown = 0.2;

    /// <summary>Gained by one more number, the logarithm of the likelihood must rise by more than rounding.</summary>
    private const double Gain = 1e-4;

    /// <param name="confidence">Of the intervals, in (0, 1).</param>
    /// <param name="overdispersed">False to take batches treated alike as alike.</param>
    /// <param name="lotsApart">False to take lots as alike.</param>
    public static TreatmentEffects Fit(
        IReadOnlyList<TreatedBatch> all,
        double confidence = 0.95,
        bool overdispersed = true,
        bool lotsApart = true
    )
    {
        var (factors, unknown) = OnRecord(all);
        var batches = all.Where(b => factors.All(b.Had.ContainsKey)).ToList();
        var left = all.Count - batches.Count;
        if (batches.Count < LeastBatches)
            return None(batches.Count, unknown, [Few(batches.Count, left)]);
        var design = TreatmentDesign.Of(batches, factors);
        if (design.Told.Count == 0)
            return None(batches.Count, [.. design.Silent, .. unknown], [Few(batches.Count, left)]);
        var scales = design.Told.Select(told => Scale.Of(batches, told[0].Factor)).ToList();
        var treated = batches.Select(b => (double[])[1, .. scales.Select(s => s.Of(b))]).ToArray();
        var likelihood = new TreatedLikelihood(batches, treated);
        var fit = Best(likelihood, batches, scales.Count, overdispersed, lotsApart && CanTellLots(batches));
        if (Spread(fit, scales.Count) is not { } covariance)
            return None(
                batches.Count,
                [.. design.Silent, .. unknown],
                ["The likelihood has no single highest point: nothing can be told."]
            );
        var free = Math.Max(1, batches.Count - scales.Count - 1);
        // the likelihood takes batches for more alike than they are, the more so the more it fits to them
        var t = StudentT.InvCDF(0, 1, free, 0.5 + confidence / 2) * Math.Sqrt((double)batches.Count / free);
        var (effects, silent) = (new List<TreatmentEffect>(), design.Silent.Concat(unknown).ToList());
        for (var k = 0; k < scales.Count; k++)
        {
            if (Effect(design.Told[k], k, scales, treated, batches, fit.Effects, covariance, t) is { } effect)
                effects.Add(effect);
            else
                silent.Add((design.Told[k][0].Factor, "all or none came up on one side: how much it does cannot be told"));
        }
        return new(
            effects,
            silent,
            fit.Effects[0] - scales.Select((s, k) => fit.Effects[k + 1] * s.Middle / s.Width).Sum(),
            fit.Rho,
            fit.LotSpread,
            fit.Log,
            batches.Count,
            Working(batches, left, fit, confidence)
        );
    }

    /// <summary>The factors that are on record for nearly all batches, and why the others are not told.</summary>
    private static (IReadOnlyList<TreatmentFactor> Known, IReadOnlyList<(TreatmentFactor Factor, string Why)> Unknown) OnRecord(
        IReadOnlyList<TreatedBatch> all
    )
    {
        List<TreatmentFactor> known = [];
        List<(TreatmentFactor, string)> unknown = [];
        foreach (var factor in Enum.GetValues<TreatmentFactor>())
        {
            var missing = all.Count(b => !b.Had.ContainsKey(factor));
            if (missing > all.Count * MostUnknown)
                unknown.Add((factor, Text.Of($"not on record for {missing} of {all.Count} batches")));
            else
                known.Add(factor);
        }
        return (known, unknown);
    }

    /// <summary>A factor as it is fitted: about its middle, in its own width.</summary>
    private sealed record Scale(TreatmentFactor Factor, double Middle, double Width, double From, double To)
    {
        public static Scale Of(IReadOnlyList<TreatedBatch> batches, TreatmentFactor factor)
        {
            var had = batches.Select(b => b.Had[factor]).ToList();
            var middle = had.Average();
            return new(
                factor,
                middle,
                Math.Sqrt(had.Average(x => (x - middle) * (x - middle))),
                TreatmentDesign.IsMeasured(factor) ? had.Min() : 0,
                TreatmentDesign.IsMeasured(factor) ? had.Max() : 1
            );
        }

        public double Of(double had) => (had - Middle) / Width;

        public double Of(TreatedBatch batch) => Of(batch.Had[Factor]);
    }

    /// <param name="At">The effects, then what of rho (as a logit) and of the spread of lots (as a logarithm) is above nought.</param>
    private sealed record Found(double[] At, double[] Effects, double Rho, double LotSpread, double Log, Func<double[], double> Height);

    private static bool CanTellLots(IReadOnlyList<TreatedBatch> batches) =>
        batches.GroupBy(b => b.Lot).Count(lot => lot.Skip(1).Any()) >= LeastLots;

    private static Found Best(TreatedLikelihood likelihood, List<TreatedBatch> batches, int factors, bool overdispersed, bool lots)
    {
        var share = (batches.Sum(b => (double)b.Emerged) + 0.5) / (batches.Sum(b => (double)b.Sown) + 1);
        var best = At(rho: false, spread: false, [Math.Log(share / (1 - share)), .. new double[factors]]);
        if (overdispersed)
            best = Better(best, At(rho: true, spread: false, [.. best.Effects, -2.5]));
        if (lots)
        {
            var before = best;
            best = Better(best, At(rho: before.Rho > 0, spread: true, [.. before.At, -0.7]));
            if (overdispersed && before.Rho > 0)
                best = Better(best, At(rho: false, spread: true, [.. before.Effects, -0.7]), byAtLeast: -Gain);
        }
        return best;

        Found At(bool rho, bool spread, double[] beginning)
        {
            double Height(double[] at) =>
                likelihood.Log(at.AsSpan(0, factors + 1), rho ? Mean(at[factors + 1]) : 0, spread ? Math.Exp(Math.Min(3, at[^1])) : 0);
            var at = Summit.Of(Height, beginning);
            return new(
                at,
                at[..(factors + 1)],
                rho ? Mean(at[factors + 1]) : 0,
                spread ? Math.Exp(Math.Min(3, at[^1])) : 0,
                Height(at),
                Height
            );
        }

        static Found Better(Found one, Found other, double byAtLeast = Gain) => other.Log > one.Log + byAtLeast ? other : one;
    }

    /// <summary>Of the effects; null where the likelihood is flat in some direction.</summary>
    private static Matrix<double>? Spread(Found fit, int factors)
    {
        var bend = Summit.Bend(fit.Height, fit.At).Negate();
        if (bend.Determinant() is not > 0)
            return null;
        var inverse = bend.Inverse().SubMatrix(0, factors + 1, 0, factors + 1);
        return inverse.Diagonal().All(v => v > 0) ? inverse : null;
    }

    /// <summary>Null where it cannot be told how much it does.</summary>
    private static TreatmentEffect? Effect(
        IReadOnlyList<FactorInEffect> told,
        int which,
        List<Scale> scales,
        double[][] treated,
        List<TreatedBatch> batches,
        double[] effects,
        Matrix<double> covariance,
        double t
    )
    {
        var scale = scales[which];
        var error = Math.Sqrt(covariance[which + 1, which + 1]) / scale.Width;
        if (error * (scale.To - scale.From) > MostError)
            return null;
        double Difference(double[] by) => treated.Average(row => Share(row, by, scale.To) - Share(row, by, scale.From));
        double Share(double[] row, double[] by, double had)
        {
            var logit = by[which + 1] * (scale.Of(had) - row[which + 1]);
            for (var k = 0; k < row.Length; k++)
                logit += by[k] * row[k];
            return Mean(logit);
        }
        var slope = Vector<double>.Build.Dense(effects.Length, k =>
        {
            var (more, less) = ((double[])effects.Clone(), (double[])effects.Clone());
            more[k] += 1e-5;
            less[k] -= 1e-5;
            return (Difference(more) - Difference(less)) / 2e-5;
        });
        var (difference, apart) = (Difference(effects), t * Math.Sqrt(slope * covariance * slope));
        var middle = (scale.From + scale.To) / 2;
        var with = batches.Count(b => b.Had[scale.Factor] > middle);
        return new(
            told,
            effects[which + 1] / scale.Width,
            error,
            scale.From,
            scale.To,
            difference,
            Math.Max(-1, difference - apart),
            Math.Min(1, difference + apart),
            with,
            batches.Count - with
        );
    }

    private static double Mean(double logit) => 1 / (1 + Math.Exp(-logit));

    private static string Few(int batches, int left) =>
        Text.Of(
            $"{batches} finished {(batches == 1 ? "batch" : "batches")} with all of its treatment on record"
                + $"{(left > 0 ? Text.Of($", {left} without") : "")}; {LeastBatches} that differ in something are needed."
        );

    private static TreatmentEffects None(int batches, IReadOnlyList<(TreatmentFactor, string)> silent, IReadOnlyList<string> working) =>
        new([], silent, null, null, null, null, batches, working);

    private static string[] Working(List<TreatedBatch> batches, int left, Found fit, double confidence) =>
        [
            Text.Of(
                $"{batches.Sum(b => (long)b.Emerged)} of {batches.Sum(b => (long)b.Sown)} seeds came up in {batches.Count} batches of "
                    + $"{batches.Select(b => b.Lot).Distinct().Count()} lots"
                    + $"{(left > 0 ? Text.Of($"; {left} left out, with treatment that is not on record in full") : "")}."
            ),
            Text.Of(
                $"Seeds of one batch are alike beyond their treatment: {fit.Rho:0.000} on a scale from 0 to 1; lots lie apart by "
                    + $"{fit.LotSpread:0.00} on the logit."
            ),
            Text.Of(
                $"A logistic regression by maximum likelihood, beta-binomial, lots taken as drawn by chance; intervals of {confidence:P0}. "
                    + $"A model: each treatment is taken to do the same whatever the others are. What was not recorded, such as how well "
                    + $"a batch was watered, may stand behind a difference."
            ),
        ];
}
