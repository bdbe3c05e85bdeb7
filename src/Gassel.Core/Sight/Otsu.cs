namespace Gassel.Core.Sight;

/// <summary>The light that parts dark from bright best (Otsu 1979).</summary>
internal static class Otsu
{
    /// <summary>Up to it a pixel is dark; and how far the middles of dark and bright lie apart.</summary>
    public static (int Light, double Apart) Of(ReadOnlySpan<byte> light)
    {
        Span<long> times = stackalloc long[256];
        times.Clear();
        foreach (var l in light)
            times[l]++;
        double all = light.Length,
            sum = 0;
        for (var l = 0; l < 256; l++)
            sum += (double)l * times[l];
        double below = 0,
            sumBelow = 0,
            most = -1,
            apart = 0;
        var best = 0;
        for (var l = 0; l < 255; l++)
        {
            below += times[l];
            sumBelow += (double)l * times[l];
            if (below == 0 || below == all)
                continue;
            var gap = (sumBelow / below) - ((sum - sumBelow) / (all - below));
            var between = below * (all - below) * gap * gap;
            if (between > most)
                (most, best, apart) = (between, l, Math.Abs(gap));
        }
        return (best, apart);
    }
}
