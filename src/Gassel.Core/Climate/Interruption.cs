namespace Gassel.Core.Climate;

/// <summary>Three or more days that may undo what was gained.</summary>
/// <param name="MeanC">Of these days.</param>
public sealed record Interruption(DateOnly From, DateOnly To, int Days, double MeanC);
