namespace Gassel.Core.Closing;

/// <summary>What things cost, in the grower's own money. A price that nobody entered is unknown, and is in no sum.</summary>
/// <param name="SeedEach">One seed of a lot without a price of its own.</param>
/// <param name="MixPerLitre">Mix.</param>
/// <param name="ContainerEach">A tray, pot set or jug, spread over its uses.</param>
/// <param name="PerKWh">Electricity.</param>
/// <param name="LampWatts">Of the lamps over one tray (starter value, from memory).</param>
/// <param name="MatWatts">Of the mat under one tray, on the mean of its thermostat (starter value, from memory).</param>
/// <param name="PerHour">An hour of work.</param>
/// <param name="MinutesAGesture">How long one gesture takes (our assumption).</param>
/// <param name="BoughtPlant">A plant bought, where its species has no price of its own.</param>
/// <param name="BoughtPlants">By species.</param>
public sealed record CostAssumptions(
    double? SeedEach = null,
    double? MixPerLitre = null,
    double? ContainerEach = null,
    double? PerKWh = null,
    double LampWatts = 20,
    double MatWatts = 12,
    double? PerHour = null,
    double MinutesAGesture = 4,
    double? BoughtPlant = null,
    IReadOnlyDictionary<string, double>? BoughtPlants = null
)
{
    /// <summary>Price of a bought plant of a species; null where nobody entered one.</summary>
    public double? Bought(string species) => BoughtPlants is { } own && own.TryGetValue(species, out var price) ? price : BoughtPlant;
}
