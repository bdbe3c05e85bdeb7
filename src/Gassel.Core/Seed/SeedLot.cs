using Gassel.Core.Germination;

namespace Gassel.Core.Seed;

/// <summary>Seed of one species from one place and harvest. Counted or weighed, one of the two.</summary>
/// <param name="GatheredOn">Harvest; seed ages from here.</param>
/// <param name="Counted">Seeds on hand when the lot was entered, before any test; null where weighed.</param>
/// <param name="AssumedFraction">What the grower expects to come up under the route, in (0, 1]; null to leave it to the rule.</param>
/// <param name="Permission">Who allowed the collecting, or which permit; null where nothing is noted.</param>
/// <param name="PrintedFraction">Germination printed on a bought packet, in (0, 1]; null for none.</param>
/// <param name="PackedFor">Season the packet was packed for, a year; its harvest is taken as the autumn before (our assumption). Null for
/// none.</param>
/// <param name="Price">What the whole lot cost, in the grower's own money: the packet, or a day's collecting. Null where nobody entered
/// it.</param>
/// <param name="Parent">The batch whose plants bore it; null for seed from elsewhere.</param>
public sealed record SeedLot(
    string GatheredAt,
    DateOnly GatheredOn,
    int? Counted,
    SeedWeight? Weight = null,
    SeedSource Source = SeedSource.WildCollected,
    SeedStorage Storage = SeedStorage.RoomDry,
    string? Cleaning = null,
    double? Latitude = null,
    double? Longitude = null,
    double? ElevationM = null,
    string? Permission = null,
    double? AssumedFraction = null,
    CutTest? CutTest = null,
    IReadOnlyList<GerminationTest>? Tests = null,
    string? Note = null,
    string? Parent = null,
    double? PrintedFraction = null,
    int? PackedFor = null,
    double? Price = null
)
{
    /// <summary>Seeds when the lot was entered.</summary>
    public int Seeds => Counted ?? Weight?.Seeds ?? 0;

    /// <summary>Seeds cut or put up in tests: none of them goes into a batch.</summary>
    public int Tested => (CutTest is { } cut ? cut.Full + cut.Empty + cut.Rotten : 0) + (Tests?.Sum(t => t.Seeds) ?? 0);

    /// <summary>What is left beside the seed that batches took.</summary>
    public int Left(int drawn) => Math.Max(0, Seeds - Tested - drawn);

    /// <summary>The harvest of a packet by the year on it.</summary>
    public static DateOnly HarvestOfPacket(int packedFor) => new(packedFor - 1, 9, 15);

    /// <summary>Years since harvest, 0 for a harvest to come.</summary>
    public double AgeYears(DateOnly today) => Math.Max(0, today.DayNumber - GatheredOn.DayNumber) / 365.25;
}
