using MathNet.Numerics.Distributions;

namespace Gassel.Core.Germination;

/// <summary>
/// Fits what cold does to germination (maximum likelihood; intervals by profile likelihood, Venzon and Moolgavkar 1988).
/// </summary>
public static class ColdEffectFit
{
    /// <summary>With fewer batches it is silent (definition of the calculator).</summary>
    public const int LeastBatches = 5;

    /// <summary>With fewer levels of cold it is silent (definition of the calculator).</summary>
    public const int LeastLevels = 3;

    /// <summary>Levels are so far apart, days; and so far beyond the last batch it still speaks (definition of the calculator).</summary>
    public const double LevelDays = 7;

    /// <summary>All or none: two means are no further apart.</summary>
    private const double MostDifference = 0.999;

    /// <summary>Likeness within a batch is sought from here; logits.</summary>
    private static readonly double[] RhoBeginnings = [-5, -2];

    /// <param name="confidence">Of the intervals, in (0, 1).</param>
    /// <param name="overdispersed">False to take batches of one cold as alike.</param>
    /// <param name="elsewhere">What other nurseries tell of a day of cold; null for none. How much comes up is told by own batches
    /// alone.</param>
    public static ColdEffect Fit(
        IReadOnlyList<ColdBatch> batches,
        IReadOnlyList<double> at,
        double? from,
        double? to,
        double confidence = 0.95,
        bool overdispersed = true,
        IReadOnlyList<ColdElsewhere>? elsewhere = null
    )
    {
        elsewhere ??= [];
        List<ColdBatch> all = [.. batches, .. elsewhere.SelectMany(e => e.Of.Batches)];
        if (all.Select(b => b.ColdDays).Distinct().Count() < 2 || batches.Count == 0)
            return Silent(at, from, to, Reason(all) ?? "All batches had the same cold.", batches);
        if (elsewhere.Count == 0 && batches.Select(b => b.ColdDays).Distinct().Count() < 2)
            return Silent(at, from, to, Reason(batches) ?? "All batches had the same cold.", batches);
        var likelihood = new BetaBinomialLogit(batches, elsewhere);
        var fit = Best(likelihood, overdispersed);
        var drop = ChiSquared.InvCDF(1, confidence) / 2;
        var flat = Profile(likelihood, overdispersed, fit, slopeless => (slopeless, 0));
        var holdsNought = fit.Log - flat.Log < drop;
        var (least, most) = (all.Min(b => b.ColdDays) - LevelDays, all.Max(b => b.ColdDays) + LevelDays);
        bool Reaches(double days) => days >= least && days <= most;
        var reason = Reason(all)
            ?? (
                holdsNought
                    ? "The batches differ among themselves more than with their cold: whether cold matters cannot be told yet."
                    : null
            );
        ColdPoint Point(double days)
        {
            if (!Reaches(days))
                return new(days, null, null, null);
            var x = (days - likelihood.Middle) / likelihood.Spread;
            var logit = fit.Level + fit.Slope * x;
            double Lost(double held) =>
                fit.Log - Profile(likelihood, overdispersed, fit, slope => (held - slope * x, slope), fit.Slope).Log;
            return new(days, Mean(logit), Mean(Bound(Lost, logit, -1, drop, 12)), Mean(Bound(Lost, logit, 1, drop, 12)));
        }
        return new(
            fit.Level - fit.Slope * likelihood.Middle / likelihood.Spread,
            fit.Slope / likelihood.Spread,
            fit.Rho,
            fit.Log,
            [.. at.Select(Point)],
            from is { } f && to is { } t ? Loss(f, t) : null,
            reason is null,
            reason,
            [.. Working(batches, fit, confidence), .. Elsewhere(elsewhere)]
        );

        ColdLoss Loss(double before, double after)
        {
            if (!Reaches(before) || !Reaches(after) || before.Equals(after))
                return new(
                    before,
                    after,
                    before.Equals(after) ? 0 : null,
                    before.Equals(after) ? 0 : null,
                    before.Equals(after) ? 0 : null
                );
            var (x, y) = ((before - likelihood.Middle) / likelihood.Spread, (after - likelihood.Middle) / likelihood.Spread);
            var (p, q) = (Mean(fit.Level + fit.Slope * x), Mean(fit.Level + fit.Slope * y));
            double Lost(double held)
            {
                if (Math.Abs(held) > MostDifference)
                    return double.PositiveInfinity;
                // the one mean is free, the other follows from the difference that is held
                (double, double)? Through(double free)
                {
                    var (one, other) = (Mean(free), Mean(free) - held);
                    if (other is <= 0 or >= 1)
                        return null;
                    var slope = (Logit(one) - Logit(other)) / (x - y);
                    return (Logit(one) - slope * x, slope);
                }
                var begin = Logit(Math.Clamp(q + held, Math.Max(held, 0) + 1e-4, Math.Min(1, 1 + held) - 1e-4));
                return fit.Log - Profile(likelihood, overdispersed, fit, Through, begin).Log;
            }
            var difference = p - q;
            return new(before, after, difference, Bound(Lost, difference, -1, drop, 0.5), Bound(Lost, difference, 1, drop, 0.5));
        }
    }

    /// <summary>What a day of cold does to the logit, and its standard error from the curvature of its profile likelihood.</summary>
    /// <param name="batches">With 2 lengths of cold or more.</param>
    /// <returns>Not finite where the likelihood has no single highest point.</returns>
    internal static (double Slope, double Error) Slope(IReadOnlyList<ColdBatch> batches)
    {
        var likelihood = new BetaBinomialLogit(batches);
        var fit = Best(likelihood, overdispersed: true);
        double Log(double slope) => Profile(likelihood, true, fit, level => (level, slope)).Log;
        var bend = (2 * fit.Log - Log(fit.Slope - Aside) - Log(fit.Slope + Aside)) / (Aside * Aside);
        return bend > Flat
            ? (fit.Slope / likelihood.Spread, 1 / Math.Sqrt(bend) / likelihood.Spread)
            : (double.NaN, double.PositiveInfinity);
    }

    /// <summary>So far aside of the best slope its likelihood is looked at; logits for one spread.</summary>
    private const double Aside = 0.05;

    /// <summary>A likelihood that bends less tells nothing: all or none came up (our rule).</summary>
    private const double Flat = 0.01;

    private static IEnumerable<string> Elsewhere(IReadOnlyList<ColdElsewhere> elsewhere) =>
        elsewhere.Select(e =>
            Text.Of(
                $"{e.Of.Nursery}, {e.Of.Batches.Count} batches: what a day of cold does, {e.Slope:0.0000} give or take {e.Error:0.0000} on "
                    + $"the logit (with {ColdElsewhere.DiffersBy:P0} that nurseries differ by; our assumption). How much comes up is not "
                    + $"taken from them."
            )
        );

    private sealed record Line(double Level, double Slope, double Rho, double Log);

    private static Line Best(BetaBinomialLogit likelihood, bool overdispersed)
    {
        var alike = Summit.Sought(v => likelihood.Log(v[0], v[1], 0), [0, 0], [0, 1]);
        var plain = new Line(alike.At[0], alike.At[1], 0, alike.Value);
        if (!overdispersed)
            return plain;
        var (at, value) = Summit.Sought(
            v => likelihood.Log(v[0], v[1], Mean(v[2])),
            [.. RhoBeginnings.Select(r => new[] { plain.Level, plain.Slope, r })]
        );
        return value > plain.Log + 1e-7 ? new(at[0], at[1], Mean(at[2]), value) : plain;
    }

    /// <summary>The best line that a number leaves free, with the likeness that goes best with it.</summary>
    private static Line Profile(
        BetaBinomialLogit likelihood,
        bool overdispersed,
        Line best,
        Func<double, (double Level, double Slope)?> line,
        double? begin = null
    )
    {
        double Log(double free, double rho) => line(free) is { } l ? likelihood.Log(l.Level, l.Slope, rho) : double.NegativeInfinity;
        var start = begin ?? best.Level;
        var alike = Summit.Sought(v => Log(v[0], 0), [start]);
        var found = new Line(0, 0, 0, alike.Value);
        if (!overdispersed)
            return found;
        var rho = best.Rho > 0 ? Logit(best.Rho) : RhoBeginnings[0];
        var spread = Summit.Sought(v => Log(v[0], Mean(v[1])), [start, rho], [alike.At[0], rho]);
        return spread.Value > found.Log ? found with { Log = spread.Value } : found;
    }

    /// <summary>Where the likelihood has dropped so far, on one side of the best.</summary>
    private static double Bound(Func<double, double> lost, double best, int side, double drop, double far)
    {
        var (inside, step) = (best, far / 16);
        var outside = best;
        for (var gone = 0.0; gone < far; step *= 2)
        {
            gone = Math.Min(far, gone + step);
            outside = best + side * gone;
            if (lost(outside) >= drop)
                break;
            inside = outside;
        }
        for (var i = 0; i < 24 && Math.Abs(outside - inside) > 1e-6; i++)
        {
            var middle = (inside + outside) / 2;
            if (lost(middle) >= drop)
                outside = middle;
            else
                inside = middle;
        }
        return (inside + outside) / 2;
    }

    private static double Mean(double logit) => 1 / (1 + Math.Exp(-logit));

    private static double Logit(double mean) => Math.Log(mean / (1 - mean));

    /// <summary>Why it is too early to speak, with what would be enough; null where it is not.</summary>
    private static string? Reason(IReadOnlyList<ColdBatch> batches)
    {
        if (batches.Count < LeastBatches)
            return Text.Of($"{batches.Count} finished {(batches.Count == 1 ? "batch" : "batches")}: {LeastBatches} are needed.");
        var (levels, last) = (0, double.NegativeInfinity);
        foreach (var days in batches.Select(b => b.ColdDays).Order())
        {
            if (days - last < LevelDays)
                continue;
            (levels, last) = (levels + 1, days);
        }
        return levels < LeastLevels
            ? Text.Of($"{levels} {(levels == 1 ? "length" : "lengths")} of cold at least {LevelDays} days apart: {LeastLevels} are needed.")
            : null;
    }

    private static ColdEffect Silent(IReadOnlyList<double> at, double? from, double? to, string reason, IReadOnlyList<ColdBatch> batches) =>
        new(
            null,
            null,
            null,
            null,
            [.. at.Select(days => new ColdPoint(days, null, null, null))],
            from is { } f && to is { } t ? new(f, t, null, null, null) : null,
            false,
            reason,
            [Text.Of($"{batches.Count} {(batches.Count == 1 ? "batch" : "batches")}; no line can be laid through them.")]
        );

    private static string[] Working(IReadOnlyList<ColdBatch> batches, Line fit, double confidence) =>
        [
            Text.Of(
                $"{batches.Sum(b => (long)b.Emerged)} of {batches.Sum(b => (long)b.Sown)} seeds came up in {batches.Count} batches, with "
                    + $"{batches.Min(b => b.ColdDays):0.#} to {batches.Max(b => b.ColdDays):0.#} days of cold."
            ),
            Text.Of($"Seeds of one batch are alike beyond their cold: {fit.Rho:0.000} on a scale from 0 to 1."),
            Text.Of(
                $"A logistic line by maximum likelihood of the beta-binomial; intervals of {confidence:P0} by profile likelihood "
                    + $"(Venzon and Moolgavkar 1988). It says nothing beyond {LevelDays} days outside the batches seen (our rule)."
            ),
        ];
}
