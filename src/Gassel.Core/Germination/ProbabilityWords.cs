namespace Gassel.Core.Germination;

/// <summary>A p value as it is read: never nought.</summary>
public static class ProbabilityWords
{
    /// <summary>Below it the value itself says no more.</summary>
    private const double Least = 0.001;

    /// <param name="p">0..1.</param>
    public static string Of(double p) => p < Least ? "p below 0.001" : Text.Of($"p {p:0.####}");
}
