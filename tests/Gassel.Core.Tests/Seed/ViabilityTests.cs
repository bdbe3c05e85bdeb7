using CsCheck;
using Gassel.Core.Seed;
using Gassel.Core.Treatments;

namespace Gassel.Core.Tests.Seed;

/// <summary>Rules of the trade, common practice, no source; the sums by hand.</summary>
public class ViabilityTests
{
    [Fact]
    public void The_two_schools_by_hand()
    {
        Assert.Equal(0.46, Viability.At(ViabilitySchool.Points, 0.96, 2, Longevity.Medium).Fraction, 9);
        Assert.Equal(0.4, Viability.At(ViabilitySchool.Share, 0.8, 3, Longevity.Medium).Fraction, 9);
        Assert.Equal(0, Viability.At(ViabilitySchool.Points, 0.96, 5, Longevity.Medium).Fraction);
    }

    [Fact]
    public void The_points_school_says_what_it_is() =>
        Assert.Contains(Viability.At(ViabilitySchool.Points, 0.96, 2, Longevity.Short).Working, l => l.Contains("vegetable"));

    [Fact]
    public void Seed_never_gets_better_with_age_and_longer_lived_kinds_keep_more()
    {
        Gen.Select(Gen.Double[0.1, 1], Gen.Double[0, 30], Gen.Double[0, 10])
            .Sample(
                (initial, age, more) =>
                {
                    foreach (var school in Enum.GetValues<ViabilitySchool>())
                    {
                        Assert.True(
                            Viability.At(school, initial, age + more, Longevity.Medium).Fraction
                                <= Viability.At(school, initial, age, Longevity.Medium).Fraction + 1e-12
                        );
                    }
                    var kept = Enum.GetValues<Longevity>()
                        .Select(l => Viability.At(ViabilitySchool.Share, initial, age, l).Fraction)
                        .ToList();
                    Assert.Equal(kept.Order(), kept);
                }
            );
    }
}
