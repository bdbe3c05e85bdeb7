namespace Gassel.Core.Germination;

/// <summary>What cold does to germination where own batches tell it, read off between the points at which it was reckoned.</summary>
/// <param name="Curve">With their means, shortest cold first; 2 or more.</param>
/// <param name="Batches">It goes by.</param>
public sealed record ColdLine(IReadOnlyList<ColdPoint> Curve, int Batches)
{
    /// <summary>Null beyond the ends, where it says nothing.</summary>
    public ColdPoint? At(double coldDays)
    {
        for (var i = 1; i < Curve.Count; i++)
        {
            var (before, after) = (Curve[i - 1], Curve[i]);
            if (coldDays < before.ColdDays || coldDays > after.ColdDays)
                continue;
            var share = (coldDays - before.ColdDays) / (after.ColdDays - before.ColdDays);
            double? Between(double? from, double? to) => from + share * (to - from);
            return new(coldDays, Between(before.Mean, after.Mean), Between(before.Low, after.Low), Between(before.High, after.High));
        }
        return null;
    }
}
