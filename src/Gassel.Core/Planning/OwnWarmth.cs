using Gassel.Core.Climate;
using Gassel.Core.Fold;
using Gassel.Core.Germination;
using Gassel.Core.Places;
using Gassel.Core.Record;
using Gassel.Core.Treatments;

namespace Gassel.Core.Planning;

/// <summary>Own sowings as witnesses of how much warmth a species comes up with.</summary>
public static class OwnWarmth
{
    /// <summary>Days of which somebody knows the temperature, of all between sowing and last count (our rule).</summary>
    public const double LeastKnown = 0.8;

    /// <summary>From the first route indoors; null where there is none.</summary>
    public static WarmthPrior? Before(Species species) =>
        species.Routes.FirstOrDefault(r => !r.IsOutdoors)?.Steps.FirstOrDefault(s => s.Kind == StepKind.Germinate) is { } comesUp
            ? EmergenceDays.Of(species, comesUp)
            : null;

    /// <summary>
    /// Null for a part that was not sown indoors or not counted, came with seed that had sprouted or with seedlings, and where nobody
    /// measured the place: what is set for it counts as nothing here.
    /// </summary>
    public static WarmSowing? Of(int batch, BatchPlan plan, PartState part, PlaceDays places)
    {
        if (
            plan.Route.IsOutdoors
            || plan.GerminateStep is not { } germinate
            || part is not { SownOn: { } sown, CameUpOn: null, Sprouted: 0, Emerged: > 0 }
        )
            return null;
        var counts = part.CountsSinceSowing().Where(c => c.Day >= 1).ToList();
        if (counts.Sum(c => c.Emerged) != part.Emerged)
            return null;
        var days = Enumerable
            .Range(0, (int)counts[^1].Day)
            .Select(i => sown.AddDays(i))
            .Select(date => places.On(part.PlaceOn(date), date))
            .ToList();
        return days.Count(d => d.Source is TemperatureSource.Measured or TemperatureSource.Typed) < LeastKnown * days.Count
            ? null
            : new(batch, plan.Steps[germinate].Step.Days.Usual, [.. days.Select(d => Swing(d.Whole))], counts);
    }

    /// <summary>Its swing about its own mean: where a mat switches, the middle of the two ends is not the mean.</summary>
    private static WholeDay Swing(TemperatureDay day)
    {
        var half = (day.MaxC - day.MinC) / 2;
        return new(day.Date, day.MeanC - half, day.MeanC + half);
    }
}
