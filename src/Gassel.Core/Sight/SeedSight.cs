namespace Gassel.Core.Sight;

/// <summary>
/// Counts and measures seed on white paper beside a card of known width: the paper's light is evened out, dark is parted from bright, what
/// hangs together is a seed or a clump, and a clump is taken for as many seeds as its area holds of those that lie apart. A classical way
/// and an aid of our own, checked on rendered pictures alone (docs/calculations.md, "Seed from a photo").
/// </summary>
public static class SeedSight
{
    /// <summary>Width of a bank card (ISO/IEC 7810, ID-1), mm.</summary>
    public const double CardMm = 85.6;

    /// <summary>A card covers at least this share of the picture (our assumption).</summary>
    private const double LeastCard = 0.015;

    /// <summary>A card fills its rectangle (our assumption).</summary>
    private const double CardFill = 0.9;

    /// <summary>Seed without a bay has at least this solidity (our assumption).</summary>
    private const double Whole = 0.93;

    /// <summary>Of the middle area, what is smaller is chaff or dust (our assumption).</summary>
    private const double Chaff = 0.25;

    /// <summary>Seeds differ; up to so many middle areas one without a bay is one seed (our assumption).</summary>
    private const double Largest = 1.7;

    private const int LeastPixels = 9;

    /// <summary>Dark and bright of evened paper lie at least so far apart where seed is well seen (our assumption).</summary>
    private const double ClearlyApart = 40;

    /// <param name="cardMm">Longer side of the card that lies beside the seed; above 0.</param>
    /// <param name="pixelsPerMm">Measured by hand instead; null to look for the card.</param>
    public static SeedsSeen Look(GreyPicture picture, double cardMm, double? pixelsPerMm = null)
    {
        var (width, height) = (picture.Width, picture.Height);
        var card = Card(picture);
        var without = card is null ? null : Inside(card, width, height);
        var even = Paper.Evened(picture, without);
        var shown = without is null ? even : [.. even.Where((_, i) => !without[i])];
        var (parting, apart) = Otsu.Of(shown);
        // noise of the paper alone is parted too; seed is darker than its half
        parting = Math.Min(parting, 170);
        var dark = new bool[even.Length];
        for (var i = 0; i < even.Length; i++)
            dark[i] = even[i] <= parting && without?[i] != true;
        var blobs = Blobs.Of(dark, width, height, LeastPixels);
        var usual = UsualArea(blobs);
        blobs.RemoveAll(b => b.Area < Chaff * usual);
        var scale = pixelsPerMm ?? (card is null ? null : card.Box.Long / cardMm);
        var seeds = blobs.ConvertAll(b => Seen(b, usual, scale));
        var single = seeds.Where(s => s is { Seeds: 1, AtEdge: false, LengthMm: not null }).ToList();
        var (count, touching) = (seeds.Sum(s => s.Seeds), seeds.Where(s => s.Seeds > 1).Sum(s => s.Seeds));
        return new(
            count,
            touching,
            scale,
            card?.Box.Corners,
            Spread([.. single.Select(s => s.LengthMm!.Value)]),
            Spread([.. single.Select(s => s.WidthMm!.Value)]),
            seeds,
            [.. Doubts(seeds, blobs, count, touching, scale, apart, usual)]
        );
    }

    /// <summary>The largest thing that is dark or bright and fills a rectangle; null where none is large enough.</summary>
    private static Blob? Card(GreyPicture picture)
    {
        var (parting, _) = Otsu.Of(picture.Light);
        var dark = picture.Light.Select(l => l <= parting).ToArray();
        return Blobs
            .Of(dark, picture.Width, picture.Height, (int)(LeastCard * picture.Light.Length))
            .Where(b => !b.AtEdge && b.Area >= CardFill * b.Box.Long * b.Box.Short)
            .MaxBy(b => b.Area);
    }

    /// <summary>The card with a rim around it, where its shadow lies.</summary>
    private static bool[] Inside(Blob card, int width, int height)
    {
        const int Rim = 6;
        var inside = new bool[width * height];
        var hull = card.Hull;
        var (left, right) = (Math.Max(0, hull.Min(p => p.X) - Rim), Math.Min(width - 1, hull.Max(p => p.X) + Rim));
        var (top, bottom) = (Math.Max(0, hull.Min(p => p.Y) - Rim), Math.Min(height - 1, hull.Max(p => p.Y) + Rim));
        for (var y = top; y <= bottom; y++)
        {
            for (var x = left; x <= right; x++)
                inside[(y * width) + x] = Near(hull, x, y, Rim);
        }
        return inside;
    }

    /// <summary>Within the hull, or at most so far outside of each of its sides.</summary>
    private static bool Near(IReadOnlyList<(int X, int Y)> hull, int x, int y, double rim)
    {
        for (var i = 0; i < hull.Count; i++)
        {
            var (a, b) = (hull[i], hull[(i + 1) % hull.Count]);
            var (dx, dy) = (b.X - a.X, b.Y - a.Y);
            if (((dx * (y - a.Y)) - (dy * (x - a.X))) / Math.Sqrt((dx * dx) + (dy * dy)) < -rim)
                return false;
        }
        return true;
    }

    /// <summary>The middle area of what has no bay and is no dust; pixels.</summary>
    private static double UsualArea(List<Blob> blobs)
    {
        var whole = blobs.Where(b => b.Solidity >= Whole && !b.AtEdge).Select(b => (double)b.Area).Order().ToList();
        if (whole.Count == 0)
            return blobs.Count == 0 ? 1 : blobs.Select(b => (double)b.Area).Order().ElementAt(blobs.Count / 2);
        // dust is many and small: the middle by area, not by number, then the middle of what is like it
        var half = whole.Sum() / 2;
        double below = 0;
        var middle = whole.First(a => (below += a) >= half);
        var like = whole.Where(a => a > Chaff * middle && a < Largest * middle).ToList();
        return like[like.Count / 2];
    }

    private static SeedSeen Seen(Blob blob, double usual, double? scale)
    {
        var times = blob.Area / usual;
        var seeds = blob.Solidity >= Whole && times < Largest ? 1 : Math.Max(1, (int)Math.Round(times));
        var isMeasured = seeds == 1 && scale is not null && !blob.AtEdge;
        return new(
            blob.X,
            blob.Y,
            seeds,
            isMeasured ? blob.Box.Long / scale : null,
            isMeasured ? blob.Box.Short / scale : null,
            blob.AtEdge
        );
    }

    private static SeedSpread? Spread(double[] sizes)
    {
        if (sizes.Length == 0)
            return null;
        Array.Sort(sizes);
        double At(double share) => sizes[(int)Math.Round(share * (sizes.Length - 1))];
        return new(At(0.5), At(0.1), At(0.9));
    }

    private static IEnumerable<string> Doubts(
        List<SeedSeen> seeds,
        List<Blob> blobs,
        int count,
        int touching,
        double? scale,
        double apart,
        double usual
    )
    {
        if (count == 0)
        {
            yield return "No seed is seen. Lay it on white paper in even light, and fill the picture with it.";
            yield break;
        }
        if (apart < ClearlyApart)
            yield return "Seed and paper are nearly as bright. Take a whiter paper or more light.";
        if (scale is null)
            yield return "No card is seen, so nothing is measured, only counted. Lay a card beside the seed, apart from it.";
        if (touching > count * 0.3)
            yield return Text.Of($"{touching} of {count} touch and are counted by their area. Spread them apart to be sure.");
        if (usual < 40)
            yield return "The seeds are small in the picture. Go nearer, or take fewer.";
        if (seeds.Any(s => s.AtEdge))
            yield return Text.Of($"{seeds.Count(s => s.AtEdge)} lie at the edge of the picture and may be cut.");
        var areas = blobs.Where(b => b.Solidity >= Whole).Select(b => b.Area / usual).ToList();
        if (areas.Count >= 5 && areas.Count(a => a is < 0.5 or > 1.6) > areas.Count * 0.2)
            yield return "The sizes differ much: chaff may be among the seed, or two kinds.";
    }
}
