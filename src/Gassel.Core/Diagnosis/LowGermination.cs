namespace Gassel.Core.Diagnosis;

/// <summary>All causes that can apply, the likeliest first, with what follows in one sentence.</summary>
/// <param name="IsLow">False where as many are up as were expected, so far as can be told.</param>
/// <param name="Verdict">Says that it cannot tell where it cannot.</param>
public sealed record LowGermination(bool IsLow, string Verdict, IReadOnlyList<CauseFinding> Causes);
