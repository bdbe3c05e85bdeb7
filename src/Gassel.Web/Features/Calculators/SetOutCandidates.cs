namespace Gassel.Web.Features.Calculators;

/// <summary>Days to set out on: from one to the other, both inclusive.</summary>
public sealed record SetOutCandidates(DateOnly From, DateOnly To, int EveryDays = 7);
