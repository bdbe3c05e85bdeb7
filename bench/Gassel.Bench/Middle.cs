namespace Gassel.Bench;

internal static class Middle
{
    /// <summary>The median.</summary>
    public static double Of(IEnumerable<double> values) => Quantile(values, 0.5);

    /// <summary>The value at the share of the sorted values, nearest rank.</summary>
    public static double Quantile(IEnumerable<double> values, double share)
    {
        var sorted = values.Order().ToArray();
        return sorted[Math.Clamp((int)Math.Ceiling(share * sorted.Length) - 1, 0, sorted.Length - 1)];
    }
}
