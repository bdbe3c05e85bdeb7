namespace Gassel.Core.Sight;

/// <summary>Plane geometry of pixels.</summary>
internal static class Shapes
{
    /// <summary>Convex hull, counter-clockwise (Andrew's monotone chain, 1979).</summary>
    public static IReadOnlyList<(int X, int Y)> Hull(List<(int X, int Y)> points)
    {
        points.Sort();
        if (points.Count < 3)
            return points;
        var hull = new List<(int X, int Y)>(points.Count);
        foreach (var reverse in new[] { false, true })
        {
            var start = hull.Count;
            for (var i = 0; i < points.Count; i++)
            {
                var point = points[reverse ? points.Count - 1 - i : i];
                while (hull.Count >= start + 2 && Cross(hull[^2], hull[^1], point) <= 0)
                    hull.RemoveAt(hull.Count - 1);
                hull.Add(point);
            }
            hull.RemoveAt(hull.Count - 1);
        }
        return hull;
    }

    public static double Area(IReadOnlyList<(int X, int Y)> hull)
    {
        double twice = 0;
        for (var i = 0; i < hull.Count; i++)
        {
            var (a, b) = (hull[i], hull[(i + 1) % hull.Count]);
            twice += ((double)a.X * b.Y) - ((double)b.X * a.Y);
        }
        return Math.Abs(twice) / 2;
    }

    /// <summary>Length of its outline.</summary>
    public static double Around(IReadOnlyList<(int X, int Y)> hull)
    {
        double sum = 0;
        for (var i = 0; i < hull.Count; i++)
        {
            var (a, b) = (hull[i], hull[(i + 1) % hull.Count]);
            sum += Math.Sqrt(Math.Pow(a.X - b.X, 2) + Math.Pow(a.Y - b.Y, 2));
        }
        return sum;
    }

    /// <summary>
    /// The rectangle of least area around a hull; one of its sides lies along an edge of the hull (Freeman and Shapira 1975). A pixel is as
    /// wide as itself, so one is added to each side.
    /// </summary>
    public static Box Narrowest(IReadOnlyList<(int X, int Y)> hull)
    {
        if (hull.Count < 3)
        {
            var span = hull.Count == 2 ? Math.Sqrt(Math.Pow(hull[0].X - hull[1].X, 2) + Math.Pow(hull[0].Y - hull[1].Y, 2)) : 0;
            return new(span + 1, 1, []);
        }
        Box? best = null;
        for (var i = 0; i < hull.Count; i++)
        {
            var (a, b) = (hull[i], hull[(i + 1) % hull.Count]);
            var length = Math.Sqrt(Math.Pow(b.X - a.X, 2) + Math.Pow(b.Y - a.Y, 2));
            var (ux, uy) = ((b.X - a.X) / length, (b.Y - a.Y) / length);
            var (lowU, highU, lowV, highV) = (double.MaxValue, double.MinValue, double.MaxValue, double.MinValue);
            foreach (var (x, y) in hull)
            {
                var (u, v) = ((x * ux) + (y * uy), (y * ux) - (x * uy));
                (lowU, highU) = (Math.Min(lowU, u), Math.Max(highU, u));
                (lowV, highV) = (Math.Min(lowV, v), Math.Max(highV, v));
            }
            var (alongU, alongV) = (highU - lowU + 1, highV - lowV + 1);
            if (best is not null && alongU * alongV >= best.Long * best.Short)
                continue;
            best = new(
                Math.Max(alongU, alongV),
                Math.Min(alongU, alongV),
                [
                    .. new[] { (lowU, lowV), (highU, lowV), (highU, highV), (lowU, highV) }.SelectMany(c =>
                        new[] { (c.Item1 * ux) - (c.Item2 * uy), (c.Item1 * uy) + (c.Item2 * ux) }
                    ),
                ]
            );
        }
        return best!;
    }

    private static long Cross((int X, int Y) o, (int X, int Y) a, (int X, int Y) b) =>
        ((long)(a.X - o.X) * (b.Y - o.Y)) - ((long)(a.Y - o.Y) * (b.X - o.X));
}
