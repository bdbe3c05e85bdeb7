namespace Gassel.Web.Features.Demo;

/// <param name="Today">The day that the demo shows now.</param>
/// <param name="Readings">What the simulated thermometers said meanwhile.</param>
public sealed record Walked(DateOnly Today, int Readings);
