using Gassel.Core.Climate;

namespace Gassel.Data.Devices;

/// <summary>Where the outlook comes from. A real service would stand behind this too.</summary>
public interface IWeatherService
{
    /// <summary>Its name, for the screens.</summary>
    string Name { get; }

    /// <summary>Days from a day on to the end of its outlook, in order; empty where it knows nothing.</summary>
    /// <param name="today">Days before it are observed, from it on forecast.</param>
    ValueTask<IReadOnlyList<ServiceDay>> Days(DateOnly from, DateOnly today, CancellationToken cancel);
}
