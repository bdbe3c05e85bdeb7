using Gassel.Core;
using Gassel.Core.Germination;
using Gassel.Core.Seed;
using Gassel.Core.Treatments;
using Gassel.Web.Problems;

namespace Gassel.Web.Features.Seed;

/// <param name="Lot">Exactly one of <c>counted</c> and <c>weight</c>.</param>
public sealed record LotDetails(string SpeciesId, SeedLot Lot)
{
    private const int MaxSeeds = 100_000_000;
    private const int MaxTests = 50;

    /// <summary>With the harvest of a packet by the year on it, and no later than today.</summary>
    public LotDetails Dated(DateOnly today) =>
        Lot.PackedFor is { } year && year is > 1 and < 9999
            ? this with
            {
                Lot = Lot with { GatheredOn = SeedLot.HarvestOfPacket(year) < today ? SeedLot.HarvestOfPacket(year) : today },
            }
            : this;

    public Refusal? Check(DateOnly today)
    {
        var lot = Lot;
        // a bought packet says where it was bought, if anything
        var refusal = Limits.Text("lot.gatheredAt", lot.GatheredAt, 120, required: lot.Source == SeedSource.WildCollected)
            ?? (lot.PackedFor is { } packed ? Limits.Whole("lot.packedFor", packed, 1990, today.Year + 2) : null)
            ?? (lot.PrintedFraction is { } printed ? Limits.Open("lot.printedFraction", printed, 0, 1, includeMax: true) : null)
            ?? (lot.Price is { } price ? Limits.Number("lot.price", price, 0, 100_000) : null)
            ?? Limits.Day("lot.gatheredOn", lot.GatheredOn)
            ?? Limits.Text("lot.cleaning", lot.Cleaning, 400, required: false)
            ?? Limits.Text("lot.permission", lot.Permission, 400, required: false)
            ?? Limits.Text("lot.parent", lot.Parent, 120, required: false)
            ?? Limits.Text("lot.note", lot.Note, 1000, required: false)
            ?? Limits.Number("lot.latitude", lot.Latitude ?? 0, -90, 90)
            ?? Limits.Number("lot.longitude", lot.Longitude ?? 0, -180, 180)
            ?? Limits.Number("lot.elevationM", lot.ElevationM ?? 0, -450, 6000)
            ?? (lot.AssumedFraction is { } share ? Limits.Open("lot.assumedFraction", share, 0, 1, includeMax: true) : null);
        if (refusal is not null)
            return refusal;
        if (lot.GatheredOn > today)
            return new(
                "lot.gatheredOn",
                $"lot.gatheredOn was {lot.GatheredOn:yyyy-MM-dd}; valid is a day up to today, {today:yyyy-MM-dd}."
            );
        if (lot.Latitude is null != lot.Longitude is null)
            return new("lot.longitude", "Coordinates come as two: latitude and longitude, or neither.");
        return CheckAmount(lot) ?? CheckTests(lot, today);
    }

    private static Refusal? CheckAmount(SeedLot lot)
    {
        if (lot.Counted is null == lot.Weight is null)
            return new(
                "lot.counted",
                "Exactly one of counted and weight is needed: how many seeds, or how many grams with seeds per gram and purity."
            );
        return lot.Counted is { } counted
            ? Limits.Whole("lot.counted", counted, 1, MaxSeeds)
            : Limits.Open("lot.weight.grams", lot.Weight!.Grams, 0, 1_000_000, includeMax: true)
                ?? Limits.Open("lot.weight.seedsPerGram", lot.Weight.SeedsPerGram, 0, 1_000_000, includeMax: true)
                ?? Limits.Open("lot.weight.purity", lot.Weight.Purity, 0, 1, includeMax: true)
                ?? Limits.Whole("lot.weight", lot.Weight.Seeds, 1, MaxSeeds);
    }

    private static Refusal? CheckTests(SeedLot lot, DateOnly today)
    {
        if (
            lot.CutTest is { } cut
            && (Cut(cut) ?? Limits.Whole("lot.cutTest", (long)cut.Full + cut.Empty + cut.Rotten, 1, 10_000)) is { } refusal
        )
            return refusal;
        var tests = lot.Tests ?? [];
        if (Limits.Count("lot.tests", tests.Count, 0, MaxTests) is { } many)
            return many;
        for (var i = 0; i < tests.Count; i++)
        {
            var (at, test) = ($"lot.tests[{i}]", tests[i]);
            var fault = Limits.Whole($"{at}.seeds", test.Seeds, 1, 10_000)
                ?? Limits.Whole($"{at}.germinated", test.Germinated, 0, test.Seeds)
                ?? (
                    test.On > today
                        ? new Refusal($"{at}.on", $"{at}.on was {test.On:yyyy-MM-dd}; valid is a day up to today, {today:yyyy-MM-dd}.")
                        : null
                )
                ?? Limits.Count($"{at}.given", test.Given?.Count ?? 0, 0, 10)
                ?? test.Given?.Select(
                        (g, s) =>
                            TestTreatment.BreaksDormancy(g.Kind)
                                ? Limits.Whole($"{at}.given[{s}].days", g.Days, 0, DurationRange.MaxDays)
                                : new(
                                    $"{at}.given[{s}].kind",
                                    $"{g.Kind.Words()} does not break dormancy; name only steps that do, such as "
                                        + $"scarify, warm-moist or cold-moist."
                                )
                    )
                    .FirstOrDefault(f => f is not null);
            if (fault is not null)
                return fault;
        }
        return lot.Tested > lot.Seeds
            ? new(
                "lot.counted",
                $"{lot.Tested} seeds were cut or put up in tests, but the lot had {lot.Seeds}; give the number before the tests."
            )
            : null;
    }

    private static Refusal? Cut(CutTest cut) =>
        Limits.Whole("lot.cutTest.full", cut.Full, 0, 10_000)
        ?? Limits.Whole("lot.cutTest.empty", cut.Empty, 0, 10_000)
        ?? Limits.Whole("lot.cutTest.rotten", cut.Rotten, 0, 10_000);
}
