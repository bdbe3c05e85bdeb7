using Gassel.Core.Germination;
using Gassel.Core.Seed;
using Gassel.Core.Treatments;

namespace Gassel.Core.Tests.Seed;

/// <summary>By hand from the two schools (common practice, no source).</summary>
public class AgedTestTests
{
    private static readonly Species Kind = StarterLibrary.All.Single(s => s.Id == "prairie-smoke");

    private static LotJudgement Judge(SeedLot lot, ViabilitySchool school = ViabilitySchool.Share) =>
        LotJudgement.Of(lot, Kind with { Longevity = Longevity.Medium }, Kind.Routes[0], school, new(2027, 1, 1));

    private static SeedLot Lot(string tested) =>
        new("slope", new(2024, 1, 1), 500, Tests: [new(40, 50, DateOnly.ParseExact(tested, "yyyy-MM-dd"))]);

    [Fact]
    public void A_test_of_three_years_ago_counts_half_for_medium_lived_seed()
    {
        Assert.Equal(new GerminationBelief.Tested(20, 50), Judge(Lot("2024-01-01")).Germination);
        Assert.Equal(new GerminationBelief.Tested(40, 50), Judge(Lot("2027-01-01")).Germination);
    }

    [Fact]
    public void By_points_it_loses_twenty_five_a_year() =>
        // 0.7 alive then, 0.45 after one year: 0.643 of 40
        Assert.Equal(
            new GerminationBelief.Tested(26, 50),
            Judge(Lot("2026-01-01") with { GatheredOn = new(2026, 1, 1) }, ViabilitySchool.Points).Germination
        );

    [Fact]
    public void The_percentage_on_a_packet_ages_from_the_autumn_before_its_year()
    {
        var packet = new SeedLot(
            "",
            SeedLot.HarvestOfPacket(2025),
            500,
            Source: SeedSource.CleanedBought,
            PrintedFraction: 0.8,
            PackedFor: 2025
        );
        Assert.Equal(new DateOnly(2024, 9, 15), packet.GatheredOn);
        var judged = Judge(packet);
        Assert.Equal(0.8 * Math.Pow(0.5, packet.AgeYears(new(2027, 1, 1)) / 3), judged.Alive, 9);
        Assert.Contains(judged.Working, l =>
            l.Contains("80 % printed", StringComparison.Ordinal) || l.Contains("80%", StringComparison.Ordinal)
        );
    }
}
