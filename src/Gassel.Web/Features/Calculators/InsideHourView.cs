namespace Gassel.Web.Features.Calculators;

/// <summary>The inside at the end of the hour that begins at <paramref name="At"/>.</summary>
public sealed record InsideHourView(DateTimeOffset At, double OutdoorC, double AirC, double MediumC);
