namespace Gassel.Core.Climate;

/// <param name="Low">Since the last interruption.</param>
/// <param name="High">All kept.</param>
public sealed record EffectiveRange(double Low, double High);
