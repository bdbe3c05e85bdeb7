namespace Gassel.Core.Places;

/// <summary>
/// When a need is met, at the rate of the last week; past if it is. Null where it is not met within two years at this rate.
/// </summary>
/// <param name="AllKept">If everything counts.</param>
/// <param name="Certain">If only what is certain counts.</param>
public sealed record ColdMet(DateOnly? AllKept, DateOnly? Certain);
