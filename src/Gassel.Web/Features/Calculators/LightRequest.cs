namespace Gassel.Web.Features.Calculators;

/// <param name="On">When the lamps go on, <c>HH:mm</c>; equal to <paramref name="Off"/> for lamps that never go off.</param>
/// <param name="Watts">Of all lamps together; 0 if left out.</param>
public sealed record LightRequest(TimeOnly On, TimeOnly Off, double? Watts = null, double? PerKWh = null);
