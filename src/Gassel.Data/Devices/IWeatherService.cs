namespace Gassel.Data.Devices;

/// <summary>A day as a weather service tells it.</summary>
/// <param name="GustKmh">Strongest wind of the day.</param>
/// <param name="Observed">True of a day that is over; false of a forecast.</param>
public readonly record struct ServiceDay(DateOnly Date, double MinC, double MaxC, double SnowCm, bool Wet, double GustKmh, bool Observed);

/// <summary>Where the outlook comes from. A real service would stand behind this too.</summary>
public interface IWeatherService
{
    /// <summary>Its name, for the screens.</summary>
    string Name { get; }

    /// <summary>Days from a day on to the end of its outlook, in order; empty where it knows nothing.</summary>
    /// <param name="today">Days before it are observed, from it on forecast.</param>
    ValueTask<IReadOnlyList<ServiceDay>> Days(DateOnly from, DateOnly today, CancellationToken cancel);
}
