namespace Gassel.Core.Diagnosis;

/// <summary>How often a finding of its kind was right, in made-up seasons (docs/evidence.md).</summary>
/// <param name="Of">Records without a fault to which the rule applies.</param>
/// <param name="Was">By likelihood, in its order: records in which it said so and was right.</param>
/// <param name="WasNot">Records in which it said so and something else, or nothing, was the matter.</param>
public sealed record CauseOdds(int Of, IReadOnlyList<int> Was, IReadOnlyList<int> WasNot)
{
    /// <summary>A kind of finding that was never seen is not taken for impossible.</summary>
    private const double Unseen = 0.5;

    /// <summary>How much likelier the finding makes its cause, against a record without a fault.</summary>
    public double Weight(Likelihood said)
    {
        double was = Was.Sum(n => n + Unseen),
            wasNot = WasNot.Sum(n => n + Unseen);
        var likelier = (Was[(int)said] + Unseen) / was / ((WasNot[(int)said] + Unseen) / wasNot);
        return likelier * was / (Of + Unseen);
    }
}
