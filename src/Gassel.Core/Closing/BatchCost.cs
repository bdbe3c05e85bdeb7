using Gassel.Core.Fold;
using Gassel.Core.Record;
using Gassel.Core.Yard;

namespace Gassel.Core.Closing;

/// <summary>What a batch cost. Null stands for what has no price yet.</summary>
/// <param name="Total">Of what has a price; null while nothing has.</param>
/// <param name="PerPlant">Of the plants that reached the pot, or the ground; null where none did.</param>
/// <param name="Plants">For how many plants that is.</param>
/// <param name="Saved">Plants × price of a bought one − total; null where either is not known.</param>
public sealed record BatchCost(
    double? Seed,
    double? Mix,
    double? Containers,
    double? Energy,
    double? Work,
    double? Total,
    double? PerPlant,
    int Plants,
    IReadOnlyList<string> Working,
    double? Saved = null
)
{
    /// <summary>Mix of a cell and of a pot, litres (starter values, from memory).</summary>
    private const double CellLitres = 0.05;
    private const double PotLitres = 0.6;

    private const int CellsOfATray = 72;

    /// <param name="gestures">Times that hands were on it.</param>
    /// <param name="lot">The seed it is of; null where it is gone.</param>
    /// <param name="bought">Price of a bought plant of its kind; null where nobody entered one.</param>
    public static BatchCost Of(
        BatchPlan plan,
        BatchState state,
        IReadOnlyDictionary<string, Place> places,
        CostAssumptions costs,
        Seed.SeedLot? lot,
        double? bought,
        int gestures,
        DateOnly today
    )
    {
        var sown = state.Living.Where(p => p.SownOn is not null).ToList();
        var tally = state.Plants;
        double litres = 0,
            vessels = 0,
            kWh = 0;
        foreach (var part in sown)
        {
            var trays = part.IsContainer ? 1 : Math.Max(1, Math.Ceiling(part.Seeds / (double)CellsOfATray));
            vessels += trays;
            litres += part.IsContainer
                ? (part.Setup?.Parameters ?? Record.ContainerSetup.Assumed.Parameters).MediumL
                : Math.Min(part.Seeds, trays * CellsOfATray) * CellLitres;
            kWh += trays * EnergyOf(part, places, costs, today);
        }
        // whoever went straight into the ground was in no pot
        litres +=
            state
                .Log.Where(l => l.Fate == EntryFate.Counted)
                .Select(l => l.Entry.Payload)
                .OfType<MovedOn>()
                .Where(m => m.To == Record.PlantStage.Potted)
                .Sum(m => m.Plants) * PotLitres;
        double? seed = lot is { Price: { } price, Seeds: > 0 }
            ? price * state.SeedsStarted / lot.Seeds
            : state.SeedsStarted * costs.SeedEach;
        var (mix, containers, energy, work) = (
            litres * costs.MixPerLitre,
            vessels * costs.ContainerEach,
            kWh * costs.PerKWh,
            gestures * costs.MinutesAGesture / 60 * costs.PerHour
        );
        double?[] known = [.. new[] { seed, mix, containers, energy, work }.Where(c => c is not null)];
        double? total = known.Length == 0 ? null : known.Sum();
        var furthest = Math.Max(tally.At(Record.PlantStage.Planted).Reached, tally.At(Record.PlantStage.Potted).Reached);
        var plants = furthest > 0 ? furthest : tally.Alive + tally.Dormant;
        return new(
            seed,
            mix,
            containers,
            energy,
            work,
            total,
            plants > 0 ? total / plants : null,
            plants,
            [
                .. Line($"{state.SeedsStarted} of {lot?.Seeds} seeds of a lot of {lot?.Price:0.##}", lot?.Price is null ? null : seed),
                .. Line($"{state.SeedsStarted} seeds at {costs.SeedEach:0.###}", lot?.Price is null ? seed : null),
                .. Line(
                    $"{Quantity.Volume(litres)} of mix at {Quantity.PerVolume(costs.MixPerLitre ?? 0)} "
                        + $"({Quantity.Volume(CellLitres)} a cell, "
                        + $"{Quantity.Volume(PotLitres)} a pot: "
                        + $"starter values, from memory)",
                    mix
                ),
                .. Line($"{vessels:0} trays or containers at {costs.ContainerEach:0.##}", containers),
                .. Line($"{kWh:0.#} kWh under lamps and on the mat at {costs.PerKWh:0.##}", energy),
                .. Line($"{gestures} jobs recorded, {costs.MinutesAGesture:0.#} min each at {costs.PerHour:0.##} an hour", work),
                total is null
                    ? "No price is entered yet."
                    : Text.Of(
                        $"{total:0.00} in all for {plants} "
                            + $"{(furthest > 0 ? "plants that reached the pot or the ground" : "plants that live")}."
                    ),
                .. known.Length is > 0 and < 5 ? ["Anything without a price is left out."] : Array.Empty<string>(),
                .. Line($"{plants} plants × {bought:0.00} for one bought, less the cost", plants * bought - total),
            ],
            plants * bought - total
        );

        static string[] Line(InvariantText words, double? amount) =>
            amount is null ? [] : [Text.Of($"{words.ToString()} = {amount:0.00}.")];
    }

    /// <summary>kWh of one tray of the part.</summary>
    private static double EnergyOf(PartState part, IReadOnlyDictionary<string, Place> places, CostAssumptions costs, DateOnly today)
    {
        double kWh = 0;
        for (var i = 0; i < part.Stays.Count; i++)
        {
            if (!places.TryGetValue(part.Stays[i].Place, out var place) || !place.IsLit)
                continue;
            var from = part.Stays[i].From < part.SownOn!.Value ? part.SownOn.Value : part.Stays[i].From;
            var last = part.Spans.Count > 0 && part.Spans[^1].End is { } end ? end : today;
            var to = i + 1 < part.Stays.Count ? part.Stays[i + 1].From : last;
            var days = Math.Max(0, to.DayNumber - from.DayNumber);
            var hours = place.Lamps?.LightHours ?? 0;
            kWh += days * ((hours * costs.LampWatts) + (place.Kind == PlaceKind.HeatMat ? 24 * costs.MatWatts : 0)) / 1000;
        }
        return kWh;
    }
}
