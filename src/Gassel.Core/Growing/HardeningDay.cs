namespace Gassel.Core.Growing;

/// <param name="Step">Which day of the hardening it is, from 1; the one before again where it waits.</param>
/// <param name="HoursOut">24 from the day on which they stay out.</param>
/// <param name="Words">What to do.</param>
/// <param name="WeatherKnown">False where no outlook reaches: the words are then the rule, not advice for the day.</param>
public sealed record HardeningDay(DateOnly Date, int Step, HardeningDayKind Kind, int HoursOut, string Words, bool WeatherKnown = true);
