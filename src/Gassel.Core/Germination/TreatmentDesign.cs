namespace Gassel.Core.Germination;

/// <summary>Which factors batches can tell of: those in which they differ, and which can be told apart.</summary>
/// <param name="Told">Each one effect; several in one where they always went together.</param>
/// <param name="Silent">The others, with the reason.</param>
internal sealed record TreatmentDesign(
    IReadOnlyList<IReadOnlyList<FactorInEffect>> Told,
    IReadOnlyList<(TreatmentFactor Factor, string Why)> Silent
)
{
    /// <summary>So many batches with a treatment, and without, are the fewest that say anything of it (our rule).</summary>
    public const int LeastOfAKind = 2;

    /// <summary>For each effect and the middle so many batches (our rule).</summary>
    public const int BatchesAnEffect = 3;

    /// <summary>Two that follow each other so closely are one (our rule).</summary>
    private const double Together = 0.95;

    /// <summary>One of which the others leave less than this share is told by them already (our rule).</summary>
    private const double LeastOfItsOwn = 0.1;

    /// <summary>Cold that differs by less says nothing, days (our rule).</summary>
    private const double LeastColdDays = 7;

    /// <summary>Nor does seed whose age differs by less, years (our rule).</summary>
    private const double LeastYears = 0.5;

    public static bool IsMeasured(TreatmentFactor factor) => factor is TreatmentFactor.Cold or TreatmentFactor.SeedAge;

    /// <param name="batches">Each with all of the factors.</param>
    public static TreatmentDesign Of(IReadOnlyList<TreatedBatch> batches, IReadOnlyList<TreatmentFactor> factors)
    {
        List<(TreatmentFactor, string)> silent = [];
        List<List<FactorInEffect>> told = [];
        List<double[]> kept = [];
        foreach (var factor in factors)
        {
            var column = batches.Select(b => b.Had[factor]).ToArray();
            if (Alike(factor, column) is { } alike)
            {
                silent.Add((factor, alike));
                continue;
            }
            var centred = Centred(column);
            var twin = kept.FindIndex(other => Math.Abs(Correlation(other, centred)) >= Together);
            if (twin >= 0)
            {
                told[twin].Add(new(factor, Correlation(kept[twin], centred) < 0));
                continue;
            }
            if (LeftBy(kept, centred) < LeastOfItsOwn)
            {
                silent.Add((factor, "it went along with the others, and cannot be told apart from them"));
                continue;
            }
            if (batches.Count < BatchesAnEffect * (kept.Count + 2))
            {
                silent.Add((factor, Text.Of($"{batches.Count} batches are too few to tell one treatment more")));
                continue;
            }
            kept.Add(centred);
            told.Add([new(factor)]);
        }
        return new(told, silent);
    }

    /// <summary>Why batches are too much alike in it; null where they are not.</summary>
    private static string? Alike(TreatmentFactor factor, double[] column)
    {
        if (IsMeasured(factor))
        {
            var range = column.Max() - column.Min();
            return factor == TreatmentFactor.Cold
                ? range < LeastColdDays
                    ? Text.Of($"all batches had about the same, {column.Min():0} to {column.Max():0} days")
                    : null
                : range < LeastYears
                    ? "all seed was about the same age"
                    : null;
        }
        var with = column.Count(x => x > 0);
        return Math.Min(with, column.Length - with) >= LeastOfAKind ? null
            : with == 0 ? "no batch had it"
            : with == column.Length ? "every batch had it"
            : with < LeastOfAKind ? "only one batch had it"
            : "only one batch went without";
    }

    private static double[] Centred(double[] column)
    {
        var mean = column.Average();
        return [.. column.Select(x => x - mean)];
    }

    private static double Correlation(double[] one, double[] other) => Times(one, other) / Math.Sqrt(Times(one, one) * Times(other, other));

    private static double Times(double[] one, double[] other) => one.Zip(other).Sum(t => t.First * t.Second);

    /// <summary>Share of a column that no sum of the others makes up.</summary>
    private static double LeftBy(List<double[]> others, double[] column)
    {
        // one after the other at right angles (Gram–Schmidt): what remains of the column is its own
        List<double[]> basis = [];
        foreach (var other in others)
            basis.Add(Without(basis, other));
        var left = Without(basis, column);
        return Times(left, left) / Times(column, column);
    }

    private static double[] Without(List<double[]> basis, double[] column)
    {
        var left = (double[])column.Clone();
        foreach (var direction in basis)
        {
            var share = Times(left, direction) / Times(direction, direction);
            for (var i = 0; i < left.Length; i++)
                left[i] -= share * direction[i];
        }
        return left;
    }
}
