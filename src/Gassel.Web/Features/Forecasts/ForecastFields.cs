namespace Gassel.Web.Features.Forecasts;

/// <summary>
/// Where a forecast has what. In JSON these are JSONPath: with <paramref name="Rows"/> they begin at each row, without it each leads to an
/// array of its own. In CSV they are the names of columns.
/// </summary>
/// <param name="Rows">Leads to the days or hours; null where each field is an array. Not used for CSV.</param>
/// <param name="Date">Day or moment: a date, with or without a time, or seconds since 1970.</param>
/// <param name="Low">Lowest temperature; null where it is not told, so with the others. The same as <paramref name="High"/> for
/// hours.</param>
public sealed record ForecastFields(
    string Date,
    string? Rows = null,
    string? Low = null,
    string? High = null,
    string? Gust = null,
    string? Rain = null,
    string? Snow = null
)
{
    /// <summary>Of the fields in the order of a row; null where not told.</summary>
    internal IReadOnlyList<string?> InOrder => [Date, Low, High, Gust, Rain, Snow];
}
