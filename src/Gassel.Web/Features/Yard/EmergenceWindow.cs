namespace Gassel.Web.Features.Yard;

/// <param name="First">A tenth; so with half and nine tenths. Null where it lies beyond what can be said.</param>
public sealed record EmergenceWindow(DateOnly? First, DateOnly? Half, DateOnly? Most);
