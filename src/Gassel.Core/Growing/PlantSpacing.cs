namespace Gassel.Core.Growing;

/// <summary>Ground for plants at a spacing, on the square and in staggered rows.</summary>
/// <param name="SquareM2">Each plant has a square of the spacing.</param>
/// <param name="StaggeredM2">Each plant has the same distance to all six around it: √3/2 of the square.</param>
public sealed record PlantSpacing(double SquareM2, double StaggeredM2, double PerM2, IReadOnlyList<string> Working)
{
    /// <param name="plants">At least 1.</param>
    /// <param name="spacingCm">Between plants, above 0.</param>
    public static PlantSpacing Of(int plants, double spacingCm)
    {
        var each = spacingCm * spacingCm / 10_000;
        var (square, staggered) = (plants * each, plants * each * Math.Sqrt(3) / 2);
        return new(
            square,
            staggered,
            1 / each,
            [
                Text.Of(
                    $"{plants} plants × ({Quantity.Length(10 * spacingCm)})² = {Quantity.Area(square)} on the square, "
                        + $"{Quantity.PerArea(1 / each)}; in staggered rows √3/2 of it, "
                        + $"{Quantity.Area(staggered)}. Edges are not counted."
                ),
            ]
        );
    }
}
