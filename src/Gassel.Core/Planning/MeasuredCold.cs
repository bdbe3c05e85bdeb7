using Gassel.Core.Fold;
using Gassel.Core.Places;
using Gassel.Core.Record;
using Gassel.Core.Treatments;

namespace Gassel.Core.Planning;

/// <summary>The cold of a finished batch as thermometers measured it.</summary>
public static class MeasuredCold
{
    /// <summary>
    /// Days by weight in the cold before it was sown; null where it had none, and where a thermometer knows less of it than
    /// <see cref="OwnWarmth.LeastKnown"/>.
    /// </summary>
    public static double? Of(
        BatchPlan plan,
        PartState part,
        IReadOnlyDictionary<string, Place> places,
        IPlaceTemperatures temperatures,
        ColdResponse response
    )
    {
        var colds = part
            .Spans.Where(s => s.End is not null && plan.Steps[s.Step].Step.Kind == StepKind.ColdMoist)
            .Select(s => ColdSoFar.Of(plan, part, s, places, temperatures, response, s.End!.Value))
            .ToList();
        var days = colds.SelectMany(c => c.Daily).ToList();
        return days.Count == 0 || days.Count(d => d.Source == TemperatureSource.Measured) < OwnWarmth.LeastKnown * days.Count
            ? null
            : colds.Sum(c => c.All.Effective);
    }
}
