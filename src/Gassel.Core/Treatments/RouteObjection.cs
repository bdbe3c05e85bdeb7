namespace Gassel.Core.Treatments;

/// <summary>A step that a route of this species may not hold.</summary>
/// <param name="Step">Index in the route.</param>
/// <param name="Why">In a grower's words.</param>
public sealed record RouteObjection(int Step, string Why);
