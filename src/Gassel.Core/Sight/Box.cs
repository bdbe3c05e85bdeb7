namespace Gassel.Core.Sight;

/// <summary>A rectangle in any direction.</summary>
/// <param name="Long">Its longer side, pixels.</param>
/// <param name="Corners">x and y in turns.</param>
internal sealed record Box(double Long, double Short, IReadOnlyList<double> Corners);
