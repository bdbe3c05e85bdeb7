using Gassel.Core.Climate;
using Gassel.Core.Treatments;

namespace Gassel.Core.Batches;

/// <summary>A thermometer read by eye at a look.</summary>
public readonly record struct TypedReading(string Place, DateOnly On, double TempC);

/// <summary>Where a temperature comes from.</summary>
public enum TemperatureSource
{
    /// <summary>Nobody measured; what the grower assumes of the place.</summary>
    Assumed,

    /// <summary>Read by eye, and assumed to hold until it is read again.</summary>
    Typed,

    /// <summary>Reckoned from the weather by the container model.</summary>
    Modelled,

    /// <summary>Readings of a probe or a logger.</summary>
    Measured,
}

/// <summary>What is known of the temperatures of places.</summary>
public interface IPlaceTemperatures
{
    /// <summary>Days with readings, in order.</summary>
    IReadOnlyList<TemperatureDay> Measured(string place, ColdResponse response);

    /// <summary>Readings by eye, in order.</summary>
    IReadOnlyList<TypedReading> Typed(string place);

    /// <summary>Days by a model, in order; they go before what is assumed of the place.</summary>
    IReadOnlyList<TemperatureDay> Modelled(string place, ColdResponse response) => [];
}

/// <summary>Temperatures as read by eye over all batches.</summary>
public static class TypedReadings
{
    /// <summary>
    /// One a day and place, the last recorded; those of a look at a bag belong to the place where the bag stood that day.
    /// </summary>
    public static ILookup<string, TypedReading> Of(IEnumerable<BatchState> batches) => batches
        .SelectMany(b => b.Parts).SelectMany(Of)
        .GroupBy(r => (r.Reading.Place, r.Reading.On)).Select(g => g.MaxBy(r => r.Sequence).Reading)
        .OrderBy(r => r.On).ToLookup(r => r.Place);

    private static IEnumerable<(long Sequence, TypedReading Reading)> Of(PartState part)
    {
        foreach (var check in part.Checks)
        {
            if (check.PlaceC is { } tempC && part.PlaceOn(check.On) is { } place) yield return (check.Sequence, new(place, check.On, tempC));
        }
    }
}
