using System.Collections.Concurrent;
using Gassel.Core.Germination;
using Gassel.Core.Planning;
using Gassel.Data;
using Gassel.Web.Features.Batches;
using Gassel.Web.Hosting;

namespace Gassel.Web.Features.Learning;

/// <summary>A finished batch of the book with its result.</summary>
internal sealed record FinishedBatch(ShelvedBatch Batch, OwnResult Result);

/// <summary>What the finished batches of the book say, by species and route.</summary>
internal sealed class OwnBatches(BatchShelf shelf, SetAside aside, SiteClock clock)
{
    private readonly ConcurrentDictionary<(Guid Batch, string Part), (long Sequence, PastCurve? Curve)> _curves = [];

    /// <summary>In the order in which their results stood.</summary>
    public async Task<IReadOnlyList<FinishedBatch>> All()
    {
        var today = clock.Today;
        return [.. aside.Each(await shelf.All(), b => (b, OwnResults.Of(b.Plan, b.State, b.Row.SpeciesId, today))).Where(t => t.Item2 is not null)
            .Select(t => new FinishedBatch(t.b, t.Item2!)).OrderBy(f => f.Result.OverOn).ThenBy(f => f.Batch.Row.Number)];
    }

    /// <summary>Of a species and route, with results that stood before a day.</summary>
    public static List<PastBatch> Past(IEnumerable<FinishedBatch> all, string species, string route, DateOnly before) =>
        [.. all.Where(f => f.Result.SpeciesId == species && f.Result.RouteId == route && f.Result.OverOn < before).Select(f => f.Result.Past)];

    /// <summary>Fitted curves of the finished batches of a species and route, those without a safe one left out.</summary>
    public async Task<IReadOnlyList<PastCurve>> Curves(string species, string route) =>
        [.. (await All()).Where(f => f.Result.SpeciesId == species && f.Result.RouteId == route).SelectMany(f => f.Batch.State.Living.Select(p => Curve(f.Batch, p))).OfType<PastCurve>()];

    private PastCurve? Curve(ShelvedBatch batch, Core.Batches.PartState part)
    {
        if (_curves.TryGetValue((batch.Row.Id, part.Id), out var kept) && kept.Sequence == batch.State.LastSequence) return kept.Curve;
        var fitted = part.Seeds > 0 ? EmergenceCurveFit.Fit(part.Seeds, part.CountsSinceSowing()).Curve : null;
        PastCurve? curve = fitted is { Extrapolated: false } c ? new(c.MaxFraction, c.T50, c.Shape) : null;
        _curves[(batch.Row.Id, part.Id)] = (batch.State.LastSequence, curve);
        return curve;
    }
}
