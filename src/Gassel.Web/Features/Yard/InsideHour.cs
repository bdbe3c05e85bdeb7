namespace Gassel.Web.Features.Yard;

/// <summary>An hour outdoors and inside.</summary>
public sealed record InsideHour(DateTimeOffset At, double OutdoorC, double AirC, double MediumC);
