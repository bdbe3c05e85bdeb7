using Gassel.Core;
using Gassel.Core.Seed;
using Gassel.Data;
using Gassel.Data.Rows;
using Gassel.Web.Features.Seed;
using Gassel.Web.Problems;

namespace Gassel.Web.Features.Intake;

/// <summary>Lots of seed, a row each, as they are written.</summary>
internal sealed class LotIntake()
    : IntakeTable(
        "lots",
        "a lot of seed",
        [
            new("species", true, "scientific or common name"),
            new("gathered_at", false, "place; needed for gathered seed"),
            new("gathered_on", true, "day of harvest"),
            new("source", false, "wildCollected where empty"),
            new("storage", false, "roomDry where empty"),
            new("seeds", false, "counted; or give the three by weight"),
            new("grams", false, "weight of the lot, g"),
            new("seeds_per_gram", false, "with the weight"),
            new("purity", false, "share of the weight that is seed, above 0 to 1; 1 where empty"),
            new("expected", false, "share that is expected to come up, above 0 to 1"),
            new("latitude", false, "degrees, north above 0"),
            new("longitude", false, "degrees, east above 0"),
            new("elevation", false, "m above the sea"),
            new("permission", false, "who allowed the collecting"),
            new("cleaning", false, "how it was cleaned"),
            new("price", false, "of the whole lot"),
            new("note", false, "your own"),
        ]
    )
{
    public override async Task<IReadOnlyList<IntakeVerdict>> Take(IReadOnlyList<IntakeRow> rows, GasselDb db, IntakeBooks books)
    {
        var species = await books.Library.Species();
        var known = (await books.Lots.All()).Select(l => Key(l.SpeciesId, l.Lot)).ToHashSet();
        var verdicts = new List<IntakeVerdict>();
        foreach (var row in rows)
        {
            var (kind, lot) = (SpeciesOf(row, species), LotOf(row));
            if (row.Wrong is null && (AmountOf(row) ?? new LotDetails(kind!.Id, lot).Check(books.Clock.Today)) is { } refusal)
                Refuse(row, refusal, Column);
            if (row.Wrong is { } wrong)
                verdicts.Add(wrong);
            else if (!known.Add(Key(kind!.Id, lot)))
                verdicts.Add(IntakeVerdict.Same(Text.Of($"A lot of {kind.CommonName} of this place, day and size is here already.")));
            else
            {
                db.Lots.Add(new LotRow { SpeciesId = kind.Id, Body = CoreJson.Write(lot) });
                verdicts.Add(IntakeVerdict.Fresh(Text.Of($"{lot.Seeds} seeds of {kind.CommonName}")));
            }
        }
        await db.SaveChangesAsync(CancellationToken.None);
        return verdicts;
    }

    private static SeedLot LotOf(IntakeRow row) =>
        new(
            row.Text("gathered_at"),
            row.Day("gathered_on"),
            row.Whole("seeds"),
            row.Number("grams") is { } grams ? new(grams, row.Number("seeds_per_gram") ?? 0, row.Number("purity") ?? 1) : null,
            row.Name<SeedSource>("source") ?? SeedSource.WildCollected,
            row.Name<SeedStorage>("storage") ?? SeedStorage.RoomDry,
            row.Optional("cleaning"),
            row.Number("latitude"),
            row.Number("longitude"),
            row.Number("elevation"),
            row.Optional("permission"),
            row.Number("expected"),
            Note: row.Optional("note"),
            Price: row.Number("price")
        );

    private static (string, string, DateOnly, int) Key(string species, SeedLot lot) => (species, lot.GatheredAt, lot.GatheredOn, lot.Seeds);

    private static Refusal? AmountOf(IntakeRow row) =>
        row.Optional("seeds") is null == row.Optional("grams") is null
            ? new("seeds", "Either seeds or grams is needed: how many seeds, or the weight with seeds_per_gram.")
            : null;

    private static string Column(string field) =>
        field switch
        {
            "lot.counted" or "lot.weight" => "seeds",
            "lot.assumedFraction" => "expected",
            "lot.elevationM" => "elevation",
            _ => Snake(field.Split('.')[^1]),
        };
}
