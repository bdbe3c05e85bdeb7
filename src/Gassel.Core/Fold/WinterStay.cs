using Gassel.Core.Record;

namespace Gassel.Core.Fold;

/// <summary>A part on its way through a winter.</summary>
/// <param name="Until">As it was meant.</param>
public sealed record WinterStay(WinterWay Way, DateOnly From, DateOnly Until);
