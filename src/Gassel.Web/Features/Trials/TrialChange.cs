namespace Gassel.Web.Features.Trials;

/// <summary>What may be changed of a trial before the first count.</summary>
/// <param name="ArmNames">In the order of the arms.</param>
public sealed record TrialChange(string Name, string Changed, IReadOnlyList<string> ArmNames, bool Blind);
