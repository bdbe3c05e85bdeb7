using Gassel.Core.Diagnosis;

namespace Gassel.Web.Features.Calculators;

/// <param name="Causes">The likeliest first; one that cannot apply is left out.</param>
/// <param name="CannotTell">The record decides nothing.</param>
/// <param name="IsLow">False where as many are up as were expected: then no chances are told.</param>
public sealed record CausesAnswer(IReadOnlyList<CauseFinding> Causes, bool CannotTell, bool IsLow, string Verdict);
