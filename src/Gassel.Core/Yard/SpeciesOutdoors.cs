using Gassel.Core.Germination;
using Gassel.Core.Treatments;

namespace Gassel.Core.Yard;

/// <summary>What a species asks of a winter outdoors, from its values and routes.</summary>
public static class SpeciesOutdoors
{
    /// <summary>What seedlings stand, by the air around them, °C (starter values, from memory).</summary>
    public static double KillC(SeedlingHardiness hardiness) =>
        hardiness switch
        {
            SeedlingHardiness.SnowMelt => -6,
            SeedlingHardiness.Hardy => -4,
            SeedlingHardiness.HalfHardy => -2,
            _ => 0,
        };

    /// <summary>Seedlings just up stand so much less, K (starter value, from memory).</summary>
    public const double JustUpK = 2;

    /// <summary>
    /// Null for a route without cold, which no winter is needed for. Enough is the shortest cold that breaks the dormancy: a winter gives
    /// what it gives, and frozen
    /// days give nothing (our assumption).
    /// </summary>
    /// <param name="route">The way outdoors.</param>
    /// <param name="warmth">What own sowings tell of its warmth, where that is better than the days of the route.</param>
    public static SetOutNeed? NeedOf(Species species, Route route, WarmthLearned? warmth = null)
    {
        // the cold that the seed needs stands in the shelf's route; outdoors it lies as long as the winter lasts
        var shelf = species.Routes.FirstOrDefault(r => !r.IsOutdoors && r.Steps.Any(s => s.Kind == StepKind.ColdMoist));
        var cold = (shelf ?? route).Steps.FirstOrDefault(s => s.Kind == StepKind.ColdMoist);
        var comesUp = route.Steps.FirstOrDefault(s => s.Kind == StepKind.Germinate);
        if (cold is null || comesUp is null || cold.Days.Usual == 0)
            return null;
        var enough = cold.Days.Shortest > 0 ? cold.Days.Shortest : cold.Days.Usual;
        var packet = EmergenceDays.Of(species, comesUp);
        return new(
            enough,
            species.ResponseToCold,
            warmth?.Rate ?? packet.Rate,
            packet.Rate.CeilingC!.Value,
            warmth?.Need ?? packet.Need,
            species.Has(SpeciesFlag.GerminatesInCold),
            KillC(species.Hardiness),
            cold.Days.Usual > enough ? cold.Days.Usual : null,
            warmth is not null
        );
    }
}
