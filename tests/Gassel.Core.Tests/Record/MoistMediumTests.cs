using Gassel.Core.Record;
using Gassel.Core.Treatments;

namespace Gassel.Core.Tests.Record;

public class MoistMediumTests
{
    /// <summary>
    /// By hand: 1000 seeds of 4 × 2 mm are 1000·π/6·4²·2 = 16 755 mm³, 27.9 ml loose at 0.6; three times that, up to the next 10, is 90 ml.
    /// </summary>
    [Fact]
    public void Enough_to_cover_the_seed()
    {
        var amount = MediumAmount.For(MoistMedium.Sand, 1000, new SeedSize(4, 2));
        Assert.Equal(90, amount.MediumMl);
        Assert.Equal(15, amount.WaterMl);
        Assert.Equal("about 90 ml of washed coarse sand, 15 ml of water to begin with", amount.Amount!.Said());
    }

    [Fact]
    public void Never_so_little_that_it_cannot_be_kept_moist() =>
        Assert.Equal(40, MediumAmount.For(MoistMedium.Sphagnum, 10, null).MediumMl);

    [Fact]
    public void More_seed_never_wants_less_medium()
    {
        foreach (var medium in Enum.GetValues<MoistMedium>())
        {
            var amounts = Enumerable.Range(0, 60).Select(i => MediumAmount.For(medium, 1 + (i * 500), null).MediumMl ?? 0).ToList();
            Assert.Equal(amounts.Order(), amounts);
        }
    }

    [Theory]
    [InlineData(60, "1 paper towel, folded around the seed")]
    [InlineData(5000, "3 paper towels, folded around the seed")]
    public void Sheets_are_counted(int seeds, string words) => Assert.Equal(words, MediumAmount.For(MoistMedium.Towel, seeds, null).Amount);

    [Fact]
    public void Dusty_media_carry_their_caution()
    {
        Assert.Contains("dust", MediumAmount.For(MoistMedium.PeatVermiculite, 60, null).Topics);
        Assert.Empty(MediumAmount.For(MoistMedium.Towel, 60, null).Topics);
    }

    /// <summary>Common practice, no source: toxic seed is never rinsed.</summary>
    [Fact]
    public void Toxic_seed_is_not_rinsed()
    {
        Assert.DoesNotContain(BagCare.Rinsed, BagCares.For(HazardLevel.Toxic));
        Assert.DoesNotContain(BagCare.Peroxide, BagCares.For(HazardLevel.Toxic));
        Assert.Contains(BagCare.NewMedium, BagCares.For(HazardLevel.Toxic));
        Assert.Equal(Enum.GetValues<BagCare>(), BagCares.For(HazardLevel.Irritant));
    }
}
