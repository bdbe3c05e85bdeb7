namespace Gassel.Core.Trials;

/// <summary>What so many seeds an arm could at best tell apart from the control with the wanted power.</summary>
/// <param name="Lower">Highest rate below the control that would be seen; null where not even 0 would.</param>
/// <param name="Higher">Lowest rate above the control that would be seen; null where not even 1 would.</param>
public sealed record AtBest(int SeedsPerArm, double? Lower, double? Higher);
