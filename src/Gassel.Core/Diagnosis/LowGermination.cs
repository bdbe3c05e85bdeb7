namespace Gassel.Core.Diagnosis;

/// <summary>All causes that can apply, the likeliest first, with what follows in one sentence.</summary>
/// <param name="IsLow">False where as many are up as were expected, so far as can be told.</param>
/// <param name="CannotTell">The record does not decide it: no cause is more likely than not. False where nothing needs explaining.</param>
/// <param name="Verdict">Says that it cannot tell where it cannot.</param>
public sealed record LowGermination(bool IsLow, bool CannotTell, string Verdict, IReadOnlyList<CauseFinding> Causes);
