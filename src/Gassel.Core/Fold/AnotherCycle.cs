namespace Gassel.Core.Fold;

/// <summary>Whether breaking the coat and soaking once more is worth it.</summary>
/// <param name="Expected">Seeds that the next cycle may be hoped to swell.</param>
/// <param name="Words">In a grower's words, with the record it rests on.</param>
public sealed record AnotherCycle(bool Pays, double Expected, string Words, IReadOnlyList<string> Working);
