namespace Gassel.Web.Features.Trials;

/// <param name="Id">UUID made by the device; the same id twice makes one trial.</param>
public sealed record ConfirmTrialRequest(Guid Id, TrialRequest Trial, string Who);
