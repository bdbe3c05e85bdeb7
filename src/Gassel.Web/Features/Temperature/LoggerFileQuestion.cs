using Gassel.Core.Climate;
using Gassel.Web.Problems;

namespace Gassel.Web.Features.Temperature;

/// <summary>How a logger's file is to be read; what is null is guessed from its first rows.</summary>
/// <param name="AtColumn">Index of the column with the moment, or with the day, from 0; so with the others.</param>
/// <param name="TimeColumn">Of the time of day where it stands apart; null where it does not.</param>
/// <param name="UnitSure">True where the grower was asked about the unit and answered.</param>
internal sealed record LoggerFileQuestion(
    int? AtColumn,
    int? TimeColumn,
    int? TempColumn,
    DayOrder? Order,
    TemperatureUnit? Unit,
    LoggerClock Clock,
    bool UnitSure
)
{
    public static (LoggerFileQuestion? Question, Refusal? Refusal) From(
        string? atColumn,
        string? timeColumn,
        string? tempColumn,
        string? order,
        string? unit,
        string? clock,
        bool unitSure
    )
    {
        var words = new QueryWords();
        var question = new LoggerFileQuestion(
            words.Column("atColumn", atColumn),
            words.Column("timeColumn", timeColumn),
            words.Column("tempColumn", tempColumn),
            words.Name<DayOrder>("order", order),
            words.Name<TemperatureUnit>("unit", unit),
            words.Name<LoggerClock>("clock", clock) ?? LoggerClock.SiteTime,
            unitSure
        );
        return words.Refusal is { } refusal ? (null, refusal) : (question, null);
    }
}
