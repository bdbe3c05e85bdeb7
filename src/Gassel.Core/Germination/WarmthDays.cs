namespace Gassel.Core.Germination;

/// <summary>Days from sowing by warmth.</summary>
/// <param name="Tenth">A tenth of what comes up is up.</param>
/// <param name="Low">Half are up in nine new sowings of ten between here and <paramref name="High"/>.</param>
public readonly record struct WarmthDays(double Tenth, double Half, double NineTenths, double Low, double High);
