namespace Gassel.Core.Sight;

/// <summary>Which dark pixels hang together, over sides and corners.</summary>
internal static class Blobs
{
    /// <param name="least">Smaller ones are dust and not told.</param>
    public static List<Blob> Of(bool[] dark, int width, int height, int least)
    {
        var seen = new bool[dark.Length];
        var queue = new Queue<int>();
        var blobs = new List<Blob>();
        for (var at = 0; at < dark.Length; at++)
        {
            if (!dark[at] || seen[at])
                continue;
            seen[at] = true;
            queue.Enqueue(at);
            var rows = new Dictionary<int, (int First, int Last)>();
            int area = 0;
            long sumX = 0,
                sumY = 0;
            var edge = false;
            while (queue.TryDequeue(out var pixel))
            {
                var (x, y) = (pixel % width, pixel / width);
                area++;
                (sumX, sumY) = (sumX + x, sumY + y);
                edge |= x == 0 || y == 0 || x == width - 1 || y == height - 1;
                rows[y] = rows.TryGetValue(y, out var row) ? (Math.Min(row.First, x), Math.Max(row.Last, x)) : (x, x);
                for (var dy = y == 0 ? 0 : -1; dy <= (y == height - 1 ? 0 : 1); dy++)
                {
                    for (var dx = x == 0 ? 0 : -1; dx <= (x == width - 1 ? 0 : 1); dx++)
                    {
                        var next = pixel + (dy * width) + dx;
                        if (!dark[next] || seen[next])
                            continue;
                        seen[next] = true;
                        queue.Enqueue(next);
                    }
                }
            }
            if (area < least)
                continue;
            // the ends of its rows hold the hull
            var ends = rows.SelectMany(r => new[] { (r.Value.First, r.Key), (r.Value.Last, r.Key) }).Distinct().ToList();
            blobs.Add(new(area, (double)sumX / area, (double)sumY / area, edge, Shapes.Hull(ends)));
        }
        return blobs;
    }
}
