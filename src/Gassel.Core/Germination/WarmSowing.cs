using Gassel.Core.Climate;

namespace Gassel.Core.Germination;

/// <summary>One sowing whose warmth is known day by day, with what came up of it when.</summary>
/// <param name="Batch">Number of the batch.</param>
/// <param name="RouteDay">The usual day of emergence of its route.</param>
/// <param name="Days">Of the place it stood at, from the day of sowing on without gaps, at least to the last count.</param>
/// <param name="Counts">In order of days; the first on day 1 or later.</param>
public sealed record WarmSowing(int Batch, int RouteDay, IReadOnlyList<WholeDay> Days, IReadOnlyList<SeedlingCount> Counts)
{
    public int Seedlings => Counts.Sum(c => c.Emerged);

    /// <summary>Thermal time by each day, °C·d: nought at sowing, and one more for each day.</summary>
    public double[] Sums(ThermalRate rate)
    {
        var sums = new double[Days.Count + 1];
        for (var i = 0; i < Days.Count; i++)
            sums[i + 1] = sums[i] + rate.MeanOfDay(Days[i].MinC, Days[i].MaxC);
        return sums;
    }

    /// <summary>Whole days since sowing of a count, within the days known.</summary>
    public int DayOf(SeedlingCount count) => Math.Clamp((int)Math.Round(count.Day), 1, Days.Count);

    /// <summary>Half of what came up was there by the count on <c>To</c>, and not by the one on <c>After</c>; days since sowing.</summary>
    public (int After, int To) Half()
    {
        var (sum, after) = (0, 0);
        foreach (var count in Counts)
        {
            sum += count.Emerged;
            if (2 * sum >= Seedlings && sum > 0)
                return (after, DayOf(count));
            after = DayOf(count);
        }
        return (after, after);
    }
}
