using Gassel.Core.Climate;

namespace Gassel.Web.Features.Temperature;

/// <summary>A thermometer that sends, and where it is heard by MQTT.</summary>
/// <param name="Series">Of its readings.</param>
/// <param name="Topic">Null where it sends by HTTP alone.</param>
public sealed record SendingThermometer(Guid Id, int Series, string? Topic, string? TempPath, TemperatureUnit Unit);
