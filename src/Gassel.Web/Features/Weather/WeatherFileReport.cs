using Gassel.Core.Climate;

namespace Gassel.Web.Features.Weather;

/// <param name="Columns">As the first line names them.</param>
/// <param name="MaxColumn">Index of the column read as the maximum; so with the others.</param>
/// <param name="Sample">The first days as read.</param>
/// <param name="Refused">The first rows that cannot be used; <paramref name="RefusedCount"/> says how many there are.</param>
/// <param name="Gaps">The first gaps; <paramref name="GapDays"/> says how many days are missing in all.</param>
/// <param name="SavedAs">Id of the record; null while nothing is saved.</param>
public sealed record WeatherFileReport(
    IReadOnlyList<string> Columns,
    int DateColumn,
    int MinColumn,
    int MaxColumn,
    DayOrder Order,
    TemperatureUnit Unit,
    IReadOnlyList<DailyTemperature> Sample,
    int Days,
    DateOnly? From,
    DateOnly? To,
    IReadOnlyList<RefusedRow> Refused,
    int RefusedCount,
    IReadOnlyList<DayGap> Gaps,
    int GapDays,
    int? SavedAs = null
);
