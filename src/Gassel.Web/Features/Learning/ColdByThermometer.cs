using Gassel.Core;
using Gassel.Core.Germination;
using Gassel.Core.Places;
using Gassel.Core.Record;
using Gassel.Core.Treatments;
using Gassel.Data;
using Gassel.Data.Readings;
using Gassel.Web.Runtime;

namespace Gassel.Web.Features.Learning;

/// <summary>Whether the cold as thermometers measured it explains own batches better than the days on the calendar.</summary>
internal sealed class ColdByThermometer(BatchShelf shelf, ReadingBook readings, Library library, SiteClock clock)
{
    /// <summary>Days of a cold of which a thermometer knows, of all of them (our rule).</summary>
    private const double LeastKnown = 0.8;

    /// <summary>Twice this is what one more number would have to explain (Akaike 1974).</summary>
    private const double Better = 1;

    /// <summary>Null where too few of the batches had a thermometer.</summary>
    /// <param name="finished">Of one route of the species.</param>
    public async Task<string?> Words(Core.Treatments.Species species, IReadOnlyList<FinishedBatch> finished)
    {
        var over = finished.Where(f => f.Result is { AtLeast: false, Accident: null }).ToList();
        if (over.Count < ColdEffectFit.LeastBatches)
            return null;
        var places = (await library.Places()).ToDictionary(p => p.Id);
        var known = new KnownTemperatures(readings, clock.LocalTimeZone, await shelf.All());
        var measured = over.Select(f => (Batch: f, Days: Measured(f, species, places, known))).Where(b => b.Days is not null).ToList();
        if (measured.Count < ColdEffectFit.LeastBatches)
            return null;
        ColdEffect By(Func<(FinishedBatch Batch, double? Days), double> days) =>
            ColdEffectFit.Fit(
                [.. measured.Select(b => new ColdBatch(days(b), b.Batch.Result.Seeds, b.Batch.Result.Germinated))],
                [],
                null,
                null
            );
        if (
            By(b => b.Batch.Result.ColdDays) is not { LogLikelihood: { } byCalendar }
            || By(b => b.Days!.Value) is not { LogLikelihood: { } byWeight }
        )
            return null;
        var less = measured.Average(b => b.Batch.Result.ColdDays - b.Days!.Value);
        return Text.Of(
            $"{measured.Count} of {over.Count} batches had a thermometer: by weight {Math.Abs(less):0} days of cold "
                + $"{(less >= 0 ? "fewer" : "more")} than on the calendar, on the mean. The days by weight explain them "
                + $"{(byWeight > byCalendar + Better ? "better" : byCalendar > byWeight + Better ? "worse" : "as well")} "
                + $"(log-likelihood {byWeight:0.0}, by the calendar {byCalendar:0.0}). Plans go by the calendar."
        );
    }

    private static double? Measured(
        FinishedBatch finished,
        Core.Treatments.Species species,
        Dictionary<string, Place> places,
        KnownTemperatures known
    )
    {
        var (plan, part) = (finished.Batch.Plan, finished.Batch.State.Living.MaxBy(p => p.Seeds)!);
        var colds = part
            .Spans.Where(s => s.End is not null && plan.Steps[s.Step].Step.Kind == StepKind.ColdMoist)
            .Select(s => ColdSoFar.Of(plan, part, s, places, known, species.ResponseToCold, s.End!.Value))
            .ToList();
        var days = colds.SelectMany(c => c.Daily).ToList();
        return days.Count == 0 || days.Count(d => d.Source == TemperatureSource.Measured) < LeastKnown * days.Count
            ? null
            : colds.Sum(c => c.All.Effective);
    }
}
