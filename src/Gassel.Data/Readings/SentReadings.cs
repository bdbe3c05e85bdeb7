using Gassel.Core.Climate;

namespace Gassel.Data.Readings;

/// <summary>What one thermometer sent at once.</summary>
public sealed record SentReadings(
    int Series,
    string PlaceId,
    IReadOnlyList<TemperatureReading> Readings,
    IReadOnlyList<HumidityReading> Humidity
);
