namespace Gassel.Core.Climate;

/// <summary>Days one after the other, short gaps filled in.</summary>
/// <param name="Broken">The first gap too long to be filled; the days end before it. Null where there is none.</param>
public sealed record FilledWeather(IReadOnlyList<WholeDay> Days, IReadOnlyList<DayGap> Filled, DayGap? Broken)
{
    public IReadOnlyList<string> Working =>
        [
            .. Filled.Select(g =>
                Text.Of(
                    $"{DayWords.Of(g.From)}{(g.To > g.From ? $" to {DayWords.Of(g.To)}" : "")}: no reading, taken "
                        + $"between the days beside it."
                )
            ),
            .. Broken is { } b
                ?
                [
                    Text.Of(
                        $"{DayWords.Of(b.From)} to {DayWords.Of(b.To)}: {b.To.DayNumber - b.From.DayNumber + 1} days "
                            + $"without a reading, more than {WeatherFilling.MostDays}; what follows is withheld."
                    ),
                ]
                : Array.Empty<string>(),
        ];
}
