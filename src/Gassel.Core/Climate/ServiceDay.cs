namespace Gassel.Core.Climate;

/// <summary>A day as a weather service tells it.</summary>
/// <param name="Wet">Rain or snow; null where nobody says. So with the wind.</param>
/// <param name="GustKmh">Strongest wind of the day.</param>
/// <param name="Observed">True of a day that is over; false of a forecast.</param>
public readonly record struct ServiceDay(DateOnly Date, double MinC, double MaxC, double SnowCm, bool? Wet, double? GustKmh, bool Observed);
