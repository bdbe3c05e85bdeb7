using Gassel.Core.Climate;

namespace Gassel.Web.Features.Tables;

/// <summary>A day of a weather record.</summary>
internal sealed record WeatherRow(string Record, bool MadeUp, DailyTemperature Day);
