namespace Gassel.Core.Closing;

/// <summary>What things cost, in the grower's own money. Starter values are invented, to be replaced.</summary>
/// <param name="SeedEach">One seed; 0 for gathered seed.</param>
/// <param name="MixPerLitre">Mix.</param>
/// <param name="ContainerEach">A tray, pot set or jug, spread over its uses.</param>
/// <param name="PerKWh">Electricity.</param>
/// <param name="LampWatts">Of the lamps over one tray.</param>
/// <param name="MatWatts">Of the mat under one tray, on the mean of its thermostat.</param>
/// <param name="PerHour">An hour of work; 0 to leave it out.</param>
/// <param name="MinutesAGesture">How long one gesture takes.</param>
/// <param name="BoughtPlant">A plant of the kind bought; null where nobody knows.</param>
public sealed record CostAssumptions(
    double SeedEach = 0, double MixPerLitre = 0.4, double ContainerEach = 0.5, double PerKWh = 0.3, double LampWatts = 20, double MatWatts = 12, double PerHour = 0, double MinutesAGesture = 4, double? BoughtPlant = null);
