using Gassel.Core.Climate;
using Gassel.Core.Places;
using Gassel.Core.Treatments;

namespace Gassel.Data.Readings;

/// <summary>What the book knows of the temperatures of its places.</summary>
/// <param name="zone">Days are those of the site.</param>
public sealed class KnownTemperatures(ReadingBook readings, TimeZoneInfo zone, IEnumerable<ShelvedBatch> batches) : IPlaceTemperatures
{
    private readonly Dictionary<string, TypedReading[]> _typed = TypedReadings
        .Of(batches.Select(b => b.State))
        .ToDictionary(t => t.Key, t => t.ToArray());

    /// <summary>Changes where a reading by eye does.</summary>
    public int TypedMark => _typed.Values.SelectMany(t => t).Aggregate(0, HashCode.Combine);

    public IReadOnlyList<TemperatureDay> Measured(string place, ColdResponse response) => readings.Days(place, response, zone);

    public IReadOnlyList<TypedReading> Typed(string place) => _typed.GetValueOrDefault(place, []);
}
