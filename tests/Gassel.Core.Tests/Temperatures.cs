using Gassel.Core.Climate;
using Gassel.Core.Places;
using Gassel.Core.Treatments;

namespace Gassel.Core.Tests;

/// <summary>Temperatures of places as a test tells them; nothing measured where nothing is told.</summary>
internal sealed class Temperatures : IPlaceTemperatures
{
    private readonly Dictionary<string, List<TemperatureReading>> _readings = [];
    private readonly List<TypedReading> _typed = [];

    public Temperatures Read(string place, DateTimeOffset at, double tempC)
    {
        if (!_readings.TryGetValue(place, out var there))
            _readings[place] = there = [];
        there.Add(new(at.ToUnixTimeMilliseconds(), tempC));
        return this;
    }

    /// <summary>Hourly readings of whole days, UTC; the last day is inclusive.</summary>
    public Temperatures Days(string place, DateOnly from, DateOnly to, double tempC)
    {
        for (
            var at = new DateTimeOffset(from, TimeOnly.MinValue, TimeSpan.Zero);
            at <= new DateTimeOffset(to.AddDays(1), TimeOnly.MinValue, TimeSpan.Zero);
            at = at.AddHours(1)
        )
            Read(place, at, tempC);
        return this;
    }

    public Temperatures Type(string place, DateOnly on, double tempC)
    {
        _typed.Add(new(place, on, tempC));
        return this;
    }

    public IReadOnlyList<TemperatureDay> Measured(string place, ColdResponse response) =>
        _readings.TryGetValue(place, out var there) ? ReadingDays.Of(there, response, new(TimeZoneInfo.Utc)).Days : [];

    public IReadOnlyList<TypedReading> Typed(string place) => [.. _typed.Where(t => t.Place == place)];
}
