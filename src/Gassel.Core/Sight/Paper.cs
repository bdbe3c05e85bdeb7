namespace Gassel.Core.Sight;

/// <summary>
/// The light of the paper under everything, so that a shadow is not taken for seed: the bright end of each tile of the picture, laid out
/// smoothly between the tiles. Where a card lies, its neighbours speak.
/// </summary>
internal static class Paper
{
    private const int Tiles = 24;

    /// <summary>Of a tile, this share is darker than its paper.</summary>
    private const double Bright = 0.85;

    /// <summary>Light of each pixel as a share of that of the paper, times 200; a paper is 200 everywhere.</summary>
    /// <param name="card">Pixels that are no paper; null for none.</param>
    public static byte[] Evened(GreyPicture picture, bool[]? card)
    {
        var (width, height) = (picture.Width, picture.Height);
        var (across, down) = (Math.Min(Tiles, width), Math.Max(1, Math.Min(Tiles * height / width, height)));
        var paper = new double[across, down];
        for (var tx = 0; tx < across; tx++)
        {
            for (var ty = 0; ty < down; ty++)
                paper[tx, ty] = OfTile(
                    picture,
                    card,
                    tx * width / across,
                    (tx + 1) * width / across,
                    ty * height / down,
                    (ty + 1) * height / down
                );
        }
        Fill(paper, across, down);
        var even = new byte[picture.Light.Length];
        for (var y = 0; y < height; y++)
        {
            var v = Math.Clamp(((y + 0.5) * down / height) - 0.5, 0, down - 1);
            for (var x = 0; x < width; x++)
            {
                var u = Math.Clamp(((x + 0.5) * across / width) - 0.5, 0, across - 1);
                var light = Between(paper, u, v, across, down);
                even[(y * width) + x] = (byte)Math.Min(255, 200 * picture.Light[(y * width) + x] / Math.Max(1, light));
            }
        }
        return even;
    }

    /// <summary>0 where no paper is seen.</summary>
    private static double OfTile(GreyPicture picture, bool[]? card, int left, int right, int top, int bottom)
    {
        Span<int> times = stackalloc int[256];
        var all = 0;
        for (var y = top; y < bottom; y++)
        {
            for (var x = left; x < right; x++)
            {
                var at = (y * picture.Width) + x;
                if (card?[at] == true)
                    continue;
                times[picture.Light[at]]++;
                all++;
            }
        }
        // of a tile that a card covers nearly whole, only its rim is left
        if (all < (right - left) * (bottom - top) / 4)
            return 0;
        var below = 0;
        for (var light = 0; light < 256; light++)
        {
            below += times[light];
            if (below >= Bright * all)
                return Math.Max(1, light);
        }
        return 255;
    }

    private static void Fill(double[,] paper, int across, int down)
    {
        for (var open = true; open; )
        {
            open = false;
            var next = (double[,])paper.Clone();
            for (var x = 0; x < across; x++)
            {
                for (var y = 0; y < down; y++)
                {
                    if (paper[x, y] > 0)
                        continue;
                    var near = new[] { (x - 1, y), (x + 1, y), (x, y - 1), (x, y + 1) }
                        .Where(n => n.Item1 >= 0 && n.Item1 < across && n.Item2 >= 0 && n.Item2 < down && paper[n.Item1, n.Item2] > 0)
                        .Select(n => paper[n.Item1, n.Item2])
                        .ToList();
                    if (near.Count > 0)
                    {
                        next[x, y] = near.Average();
                        open = true;
                    }
                }
            }
            Array.Copy(next, paper, next.Length);
        }
    }

    private static double Between(double[,] paper, double u, double v, int across, int down)
    {
        var (x, y) = ((int)u, (int)v);
        var (x1, y1) = (Math.Min(x + 1, across - 1), Math.Min(y + 1, down - 1));
        var (fx, fy) = (u - x, v - y);
        return (((paper[x, y] * (1 - fx)) + (paper[x1, y] * fx)) * (1 - fy)) + (((paper[x, y1] * (1 - fx)) + (paper[x1, y1] * fx)) * fy);
    }
}
