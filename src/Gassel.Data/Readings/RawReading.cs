namespace Gassel.Data.Readings;

/// <summary>A reading as it came, before anything is made of it.</summary>
/// <param name="MadeUp">Played by the program.</param>
/// <param name="Aside">Steers nothing.</param>
public sealed record RawReading(
    string Thermometer,
    string Place,
    bool MadeUp,
    bool Aside,
    DateTimeOffset At,
    double TempC,
    double? HumidityPercent
);
