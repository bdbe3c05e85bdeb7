namespace Gassel.Core.Treatments;

/// <summary>A caution to show where the hand is about to do the step.</summary>
/// <param name="Topic">Short stable name, for instance <c>hotWater</c>.</param>
/// <param name="Text">The usual caution; it defers to labels, local codes and licensed practice.</param>
public sealed record Caution(string Topic, string Text);
