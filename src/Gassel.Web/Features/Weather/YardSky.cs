using Gassel.Core.Climate;
using Gassel.Core.Yard;

namespace Gassel.Web.Features.Weather;

/// <summary>The weather of the yard, day by day and hour by hour.</summary>
/// <param name="Days">One after the other: recorded, then the outlook, then typical days.</param>
/// <param name="Hours">Of the same days, by standard time.</param>
/// <param name="Working">What the days rest on, and what is missing.</param>
/// <param name="Version">Changes with the weather.</param>
internal sealed record YardSky(
    IReadOnlyList<YardDay> Days,
    IReadOnlyList<ContainerHour> Hours,
    IReadOnlyList<string> Working,
    long Version,
    TimeSpan Offset
)
{
    public DateOnly? From => Days.Count == 0 ? null : Days[0].Date;

    public IReadOnlyList<YardDay> DaysFrom(DateOnly day) => [.. Days.Skip(day.DayNumber - Days[0].Date.DayNumber)];

    public IReadOnlyList<ContainerHour> HoursFrom(DateOnly day) => [.. Hours.Skip((day.DayNumber - Days[0].Date.DayNumber) * 24)];
}
