using Gassel.Core.Closing;

namespace Gassel.Web.Problems;

/// <summary>What a price may be.</summary>
internal static class CostLimits
{
    private const double Most = 100_000;
    private const double MostMinutes = 600;

    /// <param name="at">Before the names of the fields: where the costs stand in what was sent, with its point; empty for nowhere.</param>
    /// <returns>The first that is not; null where all are.</returns>
    public static Refusal? Check(CostAssumptions costs, string at = "")
    {
        Refusal? Price(string field, double? price) => price is { } p ? Limits.Number(at + field, p, 0, Most) : null;
        return Price("seedEach", costs.SeedEach)
            ?? Price("mixPerLitre", costs.MixPerLitre)
            ?? Price("containerEach", costs.ContainerEach)
            ?? Price("perKWh", costs.PerKWh)
            ?? Price("lampWatts", costs.LampWatts)
            ?? Price("matWatts", costs.MatWatts)
            ?? Price("perHour", costs.PerHour)
            ?? Limits.Number(at + "minutesAGesture", costs.MinutesAGesture, 0, MostMinutes)
            ?? Price("boughtPlant", costs.BoughtPlant)
            ?? costs.BoughtPlants?.Select(b => Price($"boughtPlants.{b.Key}", b.Value)).FirstOrDefault(r => r is not null);
    }
}
