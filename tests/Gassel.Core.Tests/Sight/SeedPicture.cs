using Gassel.Core.Sight;

namespace Gassel.Core.Tests.Sight;

/// <summary>A drawn picture of seeds on paper beside a card, of which everything is known.</summary>
internal sealed class SeedPicture
{
    private const int Width = 1600;
    private const int Height = 1200;
    public const double PixelsPerMm = 7;

    private readonly Random _random;
    private readonly List<(double X, double Y, double Angle, double Long, double Short)> _seeds = [];
    private readonly double _longMm;
    private readonly double _shortMm;

    private SeedPicture(int seed, double longMm, double shortMm) => (_random, _longMm, _shortMm) = (new(seed), longMm, shortMm);

    public int Count => _seeds.Count;

    /// <summary>Lengths, mm, in order.</summary>
    public IEnumerable<double> Lengths => _seeds.Select(s => s.Long / PixelsPerMm).Order();

    public IEnumerable<double> Widths => _seeds.Select(s => s.Short / PixelsPerMm).Order();

    /// <summary>So many seeds whose sizes differ by a tenth (standard deviation), none nearer to another than a gap.</summary>
    public static SeedPicture Apart(int count, int seed, double longMm = 4, double shortMm = 2.4)
    {
        var picture = new SeedPicture(seed, longMm, shortMm);
        while (picture.Count < count)
            picture.Try(picture._random.NextDouble() * Width, picture._random.NextDouble() * Height);
        return picture;
    }

    /// <summary>Of so many a share lies against another: end to end, or side by side a little turned.</summary>
    public static SeedPicture Touching(int count, double share, int seed)
    {
        var picture = Apart((int)(count * (1 - share / 2)), seed);
        for (var i = 0; picture.Count < count; i++)
        {
            var (x, y, angle, length, width) = picture._seeds[i];
            var turned = angle + (picture._random.NextDouble() - 0.5) * 0.6;
            // against its side or its end, overlapping by a pixel
            var (along, reach) = i % 2 == 0 ? (angle + Math.PI / 2, width - 1) : (angle, length - 1);
            picture._seeds.Add((x + Math.Cos(along) * reach, y + Math.Sin(along) * reach, turned, length, width));
        }
        return picture;
    }

    private void Try(double x, double y)
    {
        double Size(double mm) => mm * PixelsPerMm * Math.Clamp(1 + 0.1 * Gauss(), 0.75, 1.3);
        var (length, width) = (Size(_longMm), Size(_shortMm));
        var gap = length * 2.2 + 4;
        var isCard = x < 720 && y < 480;
        if (isCard || x < gap || y < gap || x > Width - gap || y > Height - gap)
            return;
        if (_seeds.TrueForAll(s => Math.Pow(s.X - x, 2) + Math.Pow(s.Y - y, 2) > Math.Pow(Math.Max(length, s.Long) + 3, 2)))
            _seeds.Add((x, y, _random.NextDouble() * Math.PI, length, width));
    }

    /// <param name="card">Its light; null for no card.</param>
    /// <param name="shadow">Light at the darkest corner as a share of that at the brightest.</param>
    /// <param name="noise">Standard deviation of a pixel.</param>
    /// <param name="tilt">So much smaller is the far edge than the near one, as a share.</param>
    /// <param name="dark">Light of seed, of 255.</param>
    public GreyPicture Draw(double? card = 60, double shadow = 1, double noise = 0, double tilt = 0, double dark = 80, double paper = 235)
    {
        var light = new byte[Width * Height];
        var near = new List<int>[Width / 40 + 1, Height / 40 + 1];
        for (var i = 0; i < _seeds.Count; i++)
        {
            var s = _seeds[i];
            for (var x = (int)(s.X - s.Long) / 40; x <= (int)(s.X + s.Long) / 40; x++)
            {
                for (var y = (int)(s.Y - s.Long) / 40; y <= (int)(s.Y + s.Long) / 40; y++)
                {
                    if (x >= 0 && y >= 0 && x < near.GetLength(0) && y < near.GetLength(1))
                        (near[x, y] ??= []).Add(i);
                }
            }
        }
        for (var py = 0; py < Height; py++)
        {
            // rows far off are drawn together around the middle
            var wide = 1 + tilt * (0.5 - (double)py / Height);
            for (var px = 0; px < Width; px++)
            {
                double sum = 0;
                for (var sub = 0; sub < 4; sub++)
                {
                    var x = (px + 0.25 + 0.5 * (sub % 2) - Width / 2.0) * wide + Width / 2.0;
                    var y = (py + 0.25 + 0.5 * (sub / 2) - Height / 2.0) * wide + Height / 2.0;
                    sum += At(x, y, near, card, dark, paper);
                }
                var shade = 1 - (1 - shadow) * ((double)px / Width + (double)py / Height) / 2;
                light[py * Width + px] = (byte)Math.Clamp(sum / 4 * shade + noise * (noise > 0 ? Gauss() : 0), 0, 255);
            }
        }
        return new(Width, Height, light);
    }

    private double At(double x, double y, List<int>[,] near, double? card, double dark, double paper)
    {
        // a card laid a little askew: 85.6 mm × 54 mm
        if (card is { } shade)
        {
            var (u, v) = ((x - 370) * 0.999 + (y - 240) * 0.045, (y - 240) * 0.999 - (x - 370) * 0.045);
            if (Math.Abs(u) <= SeedSight.CardMm * PixelsPerMm / 2 && Math.Abs(v) <= 54 * PixelsPerMm / 2)
                return shade;
        }
        var (cx, cy) = ((int)x / 40, (int)y / 40);
        if (x < 0 || y < 0 || cx >= near.GetLength(0) || cy >= near.GetLength(1) || near[cx, cy] is not { } some)
            return paper;
        foreach (var i in some)
        {
            var s = _seeds[i];
            var (c, n) = (Math.Cos(s.Angle), Math.Sin(s.Angle));
            var (u, v) = (((x - s.X) * c + (y - s.Y) * n) / s.Long * 2, ((y - s.Y) * c - (x - s.X) * n) / s.Short * 2);
            if (u * u + v * v <= 1)
                return dark;
        }
        return paper;
    }

    /// <summary>A normal number (Box and Muller 1958).</summary>
    private double Gauss() => Math.Sqrt(-2 * Math.Log(1 - _random.NextDouble())) * Math.Cos(2 * Math.PI * _random.NextDouble());
}
