namespace Gassel.Web.Features.Yard;

/// <summary>An hour outdoors and inside.</summary>
/// <param name="AirK">So far the air may be off to both sides, K; null where nobody reckoned it.</param>
/// <param name="MediumK">The same of the mix.</param>
public sealed record InsideHour(DateTimeOffset At, double OutdoorC, double AirC, double MediumC, double? AirK, double? MediumK);
