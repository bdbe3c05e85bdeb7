using MathNet.Numerics;

namespace Gassel.Core.Germination;

/// <summary>
/// Likelihood of batches whose mean follows a logistic line and whose seeds are alike within a batch (beta-binomial); without likeness
/// the binomial.
/// </summary>
internal sealed class BetaBinomialLogit
{
    private readonly IReadOnlyList<ColdBatch> _batches;
    private readonly double[] _constants;

    private readonly IReadOnlyList<ColdElsewhere> _elsewhere;

    /// <param name="elsewhere">What is known of the slope from elsewhere; as normal about what they found.</param>
    public BetaBinomialLogit(IReadOnlyList<ColdBatch> batches, IReadOnlyList<ColdElsewhere>? elsewhere = null)
    {
        _batches = batches;
        _elsewhere = elsewhere ?? [];
        _constants = [.. batches.Select(b => SpecialFunctions.BinomialLn(b.Sown, b.Emerged))];
        Middle = batches.Average(b => b.ColdDays);
        Spread = Math.Max(1, Math.Sqrt(batches.Average(b => Math.Pow(b.ColdDays - Middle, 2))));
    }

    /// <summary>Days of cold that are taken as nought while searching.</summary>
    public double Middle { get; }

    /// <summary>Days of cold that are taken as one while searching.</summary>
    public double Spread { get; }

    /// <param name="level">Logit at the middle.</param>
    /// <param name="slope">Of the logit for one spread.</param>
    /// <param name="rho">0 for the binomial.</param>
    public double Log(double level, double slope, double rho)
    {
        var sum = _elsewhere.Sum(e => -0.5 * Math.Pow((slope / Spread - e.Slope) / e.Error, 2));
        for (var i = 0; i < _batches.Count; i++)
        {
            var batch = _batches[i];
            sum += BetaBinomial.Log(batch.Sown, batch.Emerged, _constants[i], level + slope * (batch.ColdDays - Middle) / Spread, rho);
        }
        return sum;
    }
}
