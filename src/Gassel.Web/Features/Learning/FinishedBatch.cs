using Gassel.Core.Germination;
using Gassel.Core.Planning;
using Gassel.Data;

namespace Gassel.Web.Features.Learning;

/// <summary>A finished batch of the book with its result.</summary>
internal sealed record FinishedBatch(ShelvedBatch Batch, OwnResult Result)
{
    public DateOnly PlannedOn => DateOnly.FromDateTime(DateTimeOffset.FromUnixTimeMilliseconds(Batch.Row.ConfirmedAt).UtcDateTime);

    /// <summary>What was foretold of it, beside what came.</summary>
    public IEnumerable<JudgedForecast> Forecasts => JudgedForecasts.Of(Batch.Plan, Batch.State, Result, Batch.Row.Number, PlannedOn);
}
