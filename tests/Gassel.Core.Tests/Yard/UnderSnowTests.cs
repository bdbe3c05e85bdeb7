using Gassel.Core.Climate;
using Gassel.Core.Record;
using Gassel.Core.Treatments;
using Gassel.Core.Yard;

namespace Gassel.Core.Tests.Yard;

/// <summary>A container under snow (docs/calculations.md, "Under snow": sanity of an assumed model, no measurement).</summary>
public class UnderSnowTests
{
    /// <summary>Sixty days of a mean of −2 °C.</summary>
    private static double Cold(double snowCm, CapPosition cap = CapPosition.Off)
    {
        var days = Enumerable.Range(0, 60).Select(d => new WholeDay(new DateOnly(2027, 1, 1).AddDays(d), -6, 2, snowCm)).ToList();
        var run = new ContainerModel(ContainerParameters.Of(ContainerPreset.Jug4)).Run(
            ContainerHours.FromDays(days, 46.8, TimeSpan.Zero),
            _ => new ContainerSetting(cap)
        );
        return ContainerDays.Of(run, new ColdResponse(-1, 0.5, 6, 12)).Sum(d => d.Effective);
    }

    [Fact]
    public void Seed_under_deep_snow_is_chilled_not_deep_frozen() => Assert.InRange(Cold(30), 15, 45);

    [Fact]
    public void Deeper_snow_is_never_colder_in_frost()
    {
        var depths = new[] { 12.0, 20, 30, 60, 100 };
        Assert.All(depths.Zip(depths.Skip(1)), p =>
            Assert.True(Cold(p.Second) >= Cold(p.First) - 1e-6, $"{p.First} cm {Cold(p.First)}, {p.Second} cm {Cold(p.Second)}")
        );
    }

    [Fact]
    public void The_cap_is_no_matter_where_it_is_buried() => Assert.Equal(Cold(30, CapPosition.On), Cold(30, CapPosition.Open), 9);
}
