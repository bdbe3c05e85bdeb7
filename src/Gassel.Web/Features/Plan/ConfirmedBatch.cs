namespace Gassel.Web.Features.Plan;

/// <param name="Second">Null with one sowing.</param>
public sealed record ConfirmedBatch(Guid Id, int Number, ConfirmedBatch? Second = null);
