namespace Gassel.Core.Yard;

/// <summary>Air changes of the air inside, per hour.</summary>
/// <param name="On">Cap on.</param>
/// <param name="Off">Cap off.</param>
/// <param name="Open">Top open.</param>
public readonly record struct AirChanges(double On, double Off, double Open);
