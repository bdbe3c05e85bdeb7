using Gassel.Core.Treatments;

namespace Gassel.Core.Record;

/// <summary>How much of a medium the seed at hand needs.</summary>
/// <param name="Amount">In words, for the table.</param>
/// <param name="MediumMl">Millilitres of loose medium; null for sheets.</param>
/// <param name="WaterMl">Water to begin with, millilitres; null for sheets.</param>
/// <param name="MoistureTest">When it is moist enough.</param>
/// <param name="Topics">Cautions that go with it, as in <see cref="Caution.Topic"/>.</param>
public sealed record MediumAmount(
    MoistMedium Medium,
    string Amount,
    int? MediumMl,
    int? WaterMl,
    string MoistureTest,
    IReadOnlyList<string> Topics
)
{
    /// <summary>Width and thickness taken where nobody measured the seed, mm (our assumption).</summary>
    private const double UnknownSizeMm = 3;

    /// <summary>Seed lies loose with two fifths of air between (our assumption).</summary>
    private const double Packing = 0.6;

    /// <summary>Just enough medium to cover the seed: this many times its bulk (our assumption).</summary>
    private const double TimesTheSeed = 3;

    /// <summary>Less than this is hard to keep evenly moist, ml (our assumption).</summary>
    private const int LeastMl = 40;

    /// <summary>Seeds that lie side by side on one sheet folded twice, by their width (our assumption: half of 20 × 20 cm).</summary>
    private const double SheetMm2 = 20_000;

    private const string Wrung = "It feels wet, and no drop falls when it is squeezed.";

    /// <summary>Amounts are rough on purpose: the moisture test decides.</summary>
    /// <param name="size">Null where nobody measured the seed.</param>
    public static MediumAmount For(MoistMedium medium, int seeds, SeedSize? size)
    {
        var (width, thickness) = size is { } known ? (known.WidthMm, known.ThicknessMm) : (UnknownSizeMm, UnknownSizeMm);
        if (medium is MoistMedium.Towel or MoistMedium.FilterInTowel)
        {
            var sheets = Math.Max(1, (int)Math.Ceiling(seeds * width * width / SheetMm2));
            var words =
                medium == MoistMedium.Towel
                    ? $"{Count(sheets, "paper towel")}, folded around the seed"
                    : $"{Count(sheets, "filter paper")} with the seed, inside {Count(sheets, "paper towel")}";
            return new(medium, words, null, null, Wrung, []);
        }
        // a seed as an ellipsoid of its width twice and its thickness once
        var bulkMl = seeds * Math.PI / 6 * width * width * thickness / 1000 / Packing;
        var ml = Math.Max(LeastMl, (int)Math.Ceiling(bulkMl * TimesTheSeed / 10) * 10);
        var (name, water, topics) = medium switch
        {
            MoistMedium.Sand => ("washed coarse sand", 0.15, Array.Empty<string>()),
            MoistMedium.PeatVermiculite => ("peat and vermiculite, 4 to 1", 0.5, ["dust"]),
            _ => ("milled sphagnum", 0.6, ["dust", "mould"]),
        };
        var waterMl = (int)Math.Round(ml * water / 5) * 5;
        var moist = medium == MoistMedium.Sand ? "It holds its shape when pressed, and no water stands on it." : Wrung;
        return new(
            medium,
            Text.Of($"about {Quantity.Volume(ml / 1000.0)} of {name}, {Quantity.Volume(waterMl / 1000.0)} of water to begin with"),
            ml,
            waterMl,
            moist,
            topics
        );
    }

    private static string Count(int n, string what) => Text.Of($"{n} {what}{(n == 1 ? "" : "s")}");
}
