namespace Gassel.Core;

/// <summary>What the units of the United States measure (exact by definition).</summary>
public static class UnitedStates
{
    public const double LitresAGallon = 3.785411784;
    public const double SquareMetresASquareFoot = 0.09290304;
    public const double CentimetresAnInch = 2.54;
}
