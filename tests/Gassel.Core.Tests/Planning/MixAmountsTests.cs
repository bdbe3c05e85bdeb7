using CsCheck;
using Gassel.Core.Planning;
using Gassel.Core.Record;

namespace Gassel.Core.Tests.Planning;

/// <summary>Litres of each part. The sums are by hand; settling and water are our assumption.</summary>
public class MixAmountsTests
{
    /// <summary>Seventy-two cells of 40 ml hold 2.88 l; with a sixth lost in settling 3.456 l loose, four fifths of it peat.</summary>
    [Fact]
    public void Four_to_one_for_a_tray_of_cells()
    {
        var mix = MixAmounts.For(72, 0.04, [new(MixPart.Peat, 4), new(MixPart.Vermiculite, 1)], settling: 1.0 / 6);
        Assert.Equal((2.88, 3.456), (Math.Round(mix.FilledLitres, 9), Math.Round(mix.LooseLitres, 9)));
        Assert.Equal([2.7648, 0.6912], mix.Parts.Select(p => Math.Round(p.Litres, 9)));
        Assert.Equal((2.7648 * 0.5) + (0.6912 * 0.4), mix.WaterLitres, 9);
    }

    [Fact]
    public void The_parts_fill_the_vessels_whatever_the_shares() =>
        Gen.Select(Gen.Int[1, 500], Gen.Double[0.01, 5], Gen.Double[0.1, 9], Gen.Double[0.1, 9], Gen.Double[0, 0.5])
            .Sample(
                (count, each, a, b, settling) =>
                {
                    var mix = MixAmounts.For(count, each, [new(MixPart.Coir, a), new(MixPart.Grit, b)], settling);
                    Assert.Equal(count * each, mix.Parts.Sum(p => p.Litres) * (1 - settling), 6);
                    Assert.Equal(a / b, mix.Parts[0].Litres / mix.Parts[1].Litres, 9);
                },
                iter: 100
            );

    /// <summary>Common practice, no source.</summary>
    [Fact]
    public void Cautions_go_with_what_is_in_it()
    {
        static IEnumerable<string> Topics(MixPart part, bool boiled = false) =>
            MixAmounts.For(1, 1, [new(part, 1)], boiled: boiled).Cautions.Select(c => c.Topic);
        Assert.Equal(["dust"], Topics(MixPart.Perlite));
        Assert.Equal(["sphagnum"], Topics(MixPart.Sphagnum));
        Assert.Equal(["pottingMix", "boilingWater"], Topics(MixPart.Compost, boiled: true));
    }
}
