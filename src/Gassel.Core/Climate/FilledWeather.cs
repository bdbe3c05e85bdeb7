namespace Gassel.Core.Climate;

/// <summary>Days one after the other, short gaps filled in.</summary>
/// <param name="Broken">The first gap too long to be filled; the days end before it. Null where there is none.</param>
public sealed record FilledWeather(IReadOnlyList<WholeDay> Days, IReadOnlyList<DayGap> Filled, DayGap? Broken)
{
    public IReadOnlyList<string> Working =>
        [
            .. Filled.Select(g =>
                Text.Of(
                    $"{Quantity.Day(g.From)}{(g.To > g.From ? $" to {Quantity.Day(g.To)}" : "")}: no reading, taken "
                        + $"between the days beside it."
                )
            ),
            .. Broken is { } b
                ?
                [
                    Text.Of(
                        $"{Quantity.Day(b.From)} to {Quantity.Day(b.To)}: {b.To.DayNumber - b.From.DayNumber + 1} days "
                            + $"without a reading. At most {WeatherFilling.MostDays} are filled in, so nothing is shown after them."
                    ),
                ]
                : Array.Empty<string>(),
        ];
}
