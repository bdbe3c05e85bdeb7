namespace Gassel.Core.Sight;

/// <summary>Dark pixels that hang together.</summary>
internal sealed record Blob(int Area, double X, double Y, bool AtEdge, IReadOnlyList<(int X, int Y)> Hull)
{
    /// <summary>Area of the hull through the middles of the outermost pixels, plus the half pixel around it.</summary>
    public double HullArea { get; } = Shapes.Area(Hull) + (Shapes.Around(Hull) / 2) + 1;

    /// <summary>Near 1 for a shape without a bay; two seeds that touch leave bays between them.</summary>
    public double Solidity => Area / HullArea;

    /// <summary>The narrowest rectangle around it, pixels.</summary>
    public Box Box { get; } = Shapes.Narrowest(Hull);
}
