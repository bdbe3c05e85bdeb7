namespace Gassel.Core.Climate;

/// <summary>The usable days of a forecast, in order, and what was wrong with the rest.</summary>
/// <param name="Past">Rows of days before the first that is wanted; no fault.</param>
public sealed record ForecastReading(IReadOnlyList<ForecastWord> Days, IReadOnlyList<RefusedRow> Refused, int Past);
