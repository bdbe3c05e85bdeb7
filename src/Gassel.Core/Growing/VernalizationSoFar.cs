using Gassel.Core.Climate;
using Gassel.Core.Fold;
using Gassel.Core.Places;
using Gassel.Core.Record;
using Gassel.Core.Treatments;

namespace Gassel.Core.Growing;

/// <summary>Cold towards flowering of a part, from the temperatures of the places where it stood.</summary>
public static class VernalizationSoFar
{
    /// <summary>A step at least this long is a rosette's winter, a shorter one the garden recipe, days (our assumption).</summary>
    private const int RosetteFrom = 40;

    /// <summary>Of the last step of its kind that the part is or was in; null where its route has none, or it has not come to it.</summary>
    /// <param name="today">Counted up to yesterday.</param>
    public static Vernalization? Of(
        BatchPlan plan,
        PartState part,
        IReadOnlyDictionary<string, Place> places,
        IPlaceTemperatures temperatures,
        DateOnly today
    )
    {
        var span = part.Spans.LastOrDefault(s => plan.Steps[s.Step].Step.Kind is StepKind.PlantVernalization or StepKind.SeedVernalization);
        if (span is null)
            return null;
        var days = plan.Steps[span.Step].Step.Days;
        var need = new VernalizationNeed(days.Shortest >= RosetteFrom ? VernalizationKind.WildRosette : VernalizationKind.GardenKind, days);
        var place = new PlaceDays(places, temperatures, VernalizationNeed.Response);
        // heat after its end may undo it, so the days go on for a while
        var until = span.End is { } end && end.AddDays(Vernalization.SoonDays) < today ? end.AddDays(Vernalization.SoonDays) : today;
        var told = new List<TemperatureDay>();
        for (var date = span.Start; date < until; date = date.AddDays(1))
            told.Add(place.On(part.PlaceOn(date), date).Whole);
        return Vernalization.Of(need, told, span.End);
    }
}
