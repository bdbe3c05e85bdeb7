using Gassel.Core.Climate;
using Gassel.Core.Record;
using Gassel.Core.Treatments;

namespace Gassel.Core.Places;

/// <summary>
/// Days of places under one response: readings first, then a model, then what was read by eye last, then what is assumed of the place.
/// </summary>
public sealed class PlaceDays(IReadOnlyDictionary<string, Place> places, IPlaceTemperatures temperatures, ColdResponse response)
{
    /// <summary>So little is no gap: a day on which clocks go forward has an hour less, hours.</summary>
    private const double NoGapHours = 1;

    /// <param name="place">Null or unknown: nothing is known, and nothing is counted.</param>
    public PlaceDay On(string? place, DateOnly date)
    {
        if (place is null || !places.TryGetValue(place, out var there))
            return new(Nothing(date), Nothing(date), TemperatureSource.Assumed);
        var known = Find(temperatures.Measured(place, response), date) ?? Nothing(date);
        var (assumedC, source) = AssumedOn(there, temperatures.Typed(place), date);
        var missing = Math.Max(0, 24 - known.CoveredHours);
        // where day and night are taken to differ, a day swings between them
        var whole =
            source == TemperatureSource.Assumed && there.NightC is { } night
                ? TemperatureDay.FromRange(date, Math.Min(night, there.DayC), Math.Max(night, there.DayC), response)
                : TemperatureDay.Constant(date, assumedC, response);
        if (Find(temperatures.Modelled(place, response), date) is { } modelled)
            (whole, source) = (modelled, TemperatureSource.Modelled);
        var filled =
            missing <= NoGapHours + 1e-9
                ? Nothing(date)
                : whole with
                {
                    CoveredHours = missing,
                    ChillHours = whole.ChillHours * missing / 24,
                    Effective = whole.Effective * missing / 24,
                };
        return new(known, filled, known.CoveredHours >= 12 ? TemperatureSource.Measured : source);
    }

    /// <summary>The last reading by eye up to the day, or what the grower assumes.</summary>
    public static (double TempC, TemperatureSource Source) AssumedOn(Place place, IReadOnlyList<TypedReading> typed, DateOnly date)
    {
        for (var i = typed.Count - 1; i >= 0; i--)
        {
            if (typed[i].On <= date)
                return (typed[i].TempC, TemperatureSource.Typed);
        }
        return (place.AssumedC, TemperatureSource.Assumed);
    }

    private static TemperatureDay Nothing(DateOnly date) => new(date, 0, 0, 0, 0, 0, 0);

    private static TemperatureDay? Find(IReadOnlyList<TemperatureDay> days, DateOnly date)
    {
        var (low, high) = (0, days.Count - 1);
        while (low <= high)
        {
            var middle = (low + high) / 2;
            var there = days[middle].Date;
            if (there == date)
                return days[middle];
            if (there < date)
                low = middle + 1;
            else
                high = middle - 1;
        }
        return null;
    }
}
