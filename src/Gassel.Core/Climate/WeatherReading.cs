namespace Gassel.Core.Climate;

/// <summary>The usable days of a weather file, in order, and what was wrong with the rest.</summary>
public sealed record WeatherReading(IReadOnlyList<DailyTemperature> Days, IReadOnlyList<RefusedRow> Refused, IReadOnlyList<DayGap> Gaps);
