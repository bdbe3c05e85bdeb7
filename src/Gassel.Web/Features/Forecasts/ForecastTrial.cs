using Gassel.Core.Climate;

namespace Gassel.Web.Features.Forecasts;

/// <summary>What a forecast from outside says, before it is used.</summary>
/// <param name="Beginning">Of the answer or file, to look for the fields in; at most 2,000 characters.</param>
/// <param name="Days">As they would be kept.</param>
/// <param name="Refused">The first rows that cannot be used; <paramref name="RefusedCount"/> says how many there are.</param>
/// <param name="Past">Days before today, left out.</param>
/// <param name="Fault">Why none of it could be used; null where it can.</param>
/// <param name="Field">That the fault is about.</param>
/// <param name="Columns">Of a file; empty of an answer.</param>
public sealed record ForecastTrial(
    string Beginning,
    IReadOnlyList<ForecastLine> Days,
    IReadOnlyList<RefusedRow> Refused,
    int RefusedCount,
    int Past,
    string? Fault,
    string? Field,
    IReadOnlyList<string> Columns,
    ForecastFields? Fields = null,
    ForecastUnits? Units = null,
    bool Saved = false
)
{
    private const int MostCharacters = 2000;
    private const int MostRefused = 20;

    internal static ForecastTrial Of(string text, ForecastReading? reading, Problems.Refusal? fault) =>
        new(
            text.Length > MostCharacters ? text[..MostCharacters] : text,
            [.. (reading?.Days ?? []).Select(ForecastLine.Of)],
            [.. (reading?.Refused ?? []).Take(MostRefused)],
            reading?.Refused.Count ?? 0,
            reading?.Past ?? 0,
            fault?.Detail,
            fault?.Field,
            []
        );
}
