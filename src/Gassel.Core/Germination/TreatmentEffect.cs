namespace Gassel.Core.Germination;

/// <summary>What one treatment does, the others being equal.</summary>
/// <param name="Factors">One, or several that always went together and are one effect.</param>
/// <param name="LogOdds">Of the first factor: for a day, for a year, or done against not done.</param>
/// <param name="StandardError">Of <paramref name="LogOdds"/>.</param>
/// <param name="From">What is compared, lower: days, years, or 0 for not done.</param>
/// <param name="To">And higher.</param>
/// <param name="Difference">Share that comes up more at <paramref name="To"/> than at <paramref name="From"/>, mean over the batches;
/// −1 to 1.</param>
/// <param name="Low">Of its interval.</param>
/// <param name="High">Of its interval.</param>
/// <param name="With">Batches that had it; of cold and age those above the middle of what is compared.</param>
/// <param name="Without">The others.</param>
public sealed record TreatmentEffect(
    IReadOnlyList<FactorInEffect> Factors,
    double LogOdds,
    double StandardError,
    double From,
    double To,
    double Difference,
    double Low,
    double High,
    int With,
    int Without
)
{
    /// <summary>False where its interval holds nought: no difference to be seen yet.</summary>
    public bool IsSeen => Low > 0 || High < 0;
}
