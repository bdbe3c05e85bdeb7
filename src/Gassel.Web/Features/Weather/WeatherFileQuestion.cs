using Gassel.Core.Climate;
using Gassel.Web.Problems;

namespace Gassel.Web.Features.Weather;

/// <summary>How a weather file is to be read; what is null is guessed from it.</summary>
/// <param name="DateColumn">Index of the column with the day, from 0; so with the others.</param>
internal sealed record WeatherFileQuestion(int? DateColumn, int? MinColumn, int? MaxColumn, DayOrder? Order, TemperatureUnit? Unit)
{
    /// <summary>From the words of the address.</summary>
    public static (WeatherFileQuestion? Question, Refusal? Refusal) From(
        string? dateColumn,
        string? minColumn,
        string? maxColumn,
        string? order,
        string? unit
    )
    {
        var words = new QueryWords();
        var question = new WeatherFileQuestion(
            words.Column("dateColumn", dateColumn),
            words.Column("minColumn", minColumn),
            words.Column("maxColumn", maxColumn),
            words.Name<DayOrder>("order", order),
            words.Name<TemperatureUnit>("unit", unit)
        );
        return words.Refusal is { } refusal ? (null, refusal) : (question, null);
    }
}
