using Gassel.Core.Growing;

namespace Gassel.Core.Tests.Growing;

/// <summary>Values of docs/calculations.md, "How many fit" (common practice, no source).</summary>
public class DensityTests
{
    [Fact]
    public void A_jug_holds_about_a_hundred_seeds_half_an_inch_apart() => Assert.Equal(109, Density.Seeds(177));

    [Theory]
    [InlineData(1, 15, 44)]
    [InlineData(1, 20, 25)]
    [InlineData(1, 30, 11)]
    [InlineData(10, 60, 27)]
    public void Plants_on_an_area(double m2, double cm, int plants) => Assert.Equal(plants, Density.Plants(m2, cm));

    [Fact]
    public void And_back()
    {
        Assert.Equal(9.72, Density.AreaM2(27, 60), 9);
        for (var plants = 1; plants < 500; plants++)
            Assert.Equal(plants, Density.Plants(Density.AreaM2(plants, 15), 15));
    }

    [Fact]
    public void Seed_that_lies_too_thick_is_told_with_how_many_vessels_it_wants()
    {
        var thick = SurfaceRoom.Of(300, 2, 177);
        Assert.Equal((109, 150, true), (thick.Fits, thick.Each, thick.IsTooThick));
        Assert.Contains("Take 3 containers", thick.Words, StringComparison.Ordinal);
        var well = SurfaceRoom.Of(300, 3, 177);
        Assert.Equal((100, false), (well.Each, well.IsTooThick));
        Assert.Contains("thin to the best", well.Words, StringComparison.Ordinal);
    }
}
