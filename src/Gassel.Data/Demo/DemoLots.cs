using Gassel.Core.Seed;
using Gassel.Core.Treatments;
using Gassel.Data.Rows;

namespace Gassel.Data.Demo;

/// <summary>The seed of the demo: counted and weighed, tested and not, fresh and old.</summary>
internal static class DemoLots
{
    public static IEnumerable<LotRow> All =>
        [
            Lot(
                "balsamroot",
                Wild("south slope above the bench", "2026-07-02", 420) with
                {
                    ElevationM = 690,
                    Cleaning = "rubbed through a screen, blown",
                    Tests = [Test(24, 40, "2026-11-28", new GivenStep(StepKind.ColdMoist, 70))],
                }
            ),
            Lot(
                "balsamroot",
                Wild("Alder Gulch, open pine", "2025-07-11", 190) with
                {
                    Tests = [Test(1, 40, "2025-10-02")],
                    AssumedFraction = 0.45,
                    Note = "second year in the jar",
                }
            ),
            Lot(
                "globemallow",
                Wild("burn above Kettle Creek", "2026-08-20", 900) with
                {
                    ElevationM = 880,
                    Tests = [Test(31, 50, "2026-12-02", new GivenStep(StepKind.Scarify, 0))],
                }
            ),
            Lot(
                "snowberry",
                Wild("draw behind the shed", "2026-09-28", 600) with
                {
                    AssumedFraction = 0.4,
                    Cleaning = "pulp washed off",
                    Note = "dried two days",
                }
            ),
            Lot(
                "alumroot",
                Wild("basalt ledge, north side", "2026-07-25", null) with
                {
                    Weight = new(0.25, 18_000, 0.9),
                    Tests = [Test(44, 100, "2026-11-10")],
                    Note = "dust-fine",
                }
            ),
            Lot(
                "prairie-smoke",
                Wild("meadow above the yard", "2026-07-18", 560) with
                {
                    Tests = [Test(38, 60, "2026-12-20", new GivenStep(StepKind.ColdMoist, 42))],
                }
            ),
            Lot("scarlet-gilia", Wild("road cut, decomposed granite", "2026-08-09", 260) with { AssumedFraction = 0.5 }),
            Lot(
                "goldenbanner",
                Wild("wet meadow, lower fence", "2026-08-15", 120) with
                {
                    AssumedFraction = 0.6,
                    Note = "own jar, marked",
                }
            ),
            Lot(
                "parsnip-buckwheat",
                Wild("ridge, thin soil", "2026-09-01", 440) with
                {
                    Tests = [Test(19, 40, "2026-12-30", new GivenStep(StepKind.ColdMoist, 60))],
                }
            ),
            Lot("globemallow", Wild("burn above Kettle Creek", "2025-08-24", 260)),
            Lot(
                "small-camas",
                Wild("seep below the road", "2026-07-06", 400) with
                {
                    ElevationM = 610,
                    CutTest = new(18, 1, 1),
                    Tests = [Test(0, 25, "2026-09-05")],
                    Note = "towel test without cold",
                }
            ),
            Lot(
                "meadow-death-camas",
                Wild("seep below the road, flagged plants only", "2026-07-06", 90) with
                {
                    CutTest = new(9, 1, 0),
                    Note = "own jar, taped, marked toxic",
                }
            ),
            Lot(
                "saskatoon",
                Wild("fence row, lower road", "2026-07-20", null) with
                {
                    Weight = new(5.2, 180, 0.95),
                    Cleaning = "mashed, floated, dried",
                }
            ),
            Lot(
                "red-osier-dogwood",
                Wild("creek bank by the culvert", "2026-08-30", 300) with
                {
                    CutTest = new(11, 8, 1),
                    Cleaning = "mashed and floated",
                }
            ),
            Lot("western-trillium", Wild("draw under the firs", "2024-07-15", 80) with { Permission = null, Note = "kept in a paper bag" }),
            Lot(
                "elegant-penstemon",
                Wild("scree by the upper gate", "2026-08-28", null) with
                {
                    Weight = new(0.4, 1900, 0.9),
                    Note = "shaken from the capsules",
                }
            ),
            Lot(
                "indian-ricegrass",
                new("bought, cleaned", DemoBatches.Day("2023-09-01"), null, new(12, 330, 0.97), SeedSource.CleanedBought)
            ),
            Lot(
                "blue-flax",
                Wild("dry bank above the lower road", "2026-07-30", 320) with
                {
                    Tests = [Test(41, 60, "2026-12-14", new GivenStep(StepKind.ColdMoist, 42))],
                }
            ),
            Lot(
                "blanketflower",
                Wild("gravel bench, east end", "2026-08-12", 400) with
                {
                    Tests = [Test(52, 80, "2026-12-01")],
                    Cleaning = "rubbed, blown; gloves, for some are allergic",
                }
            ),
            Lot("small-camas", Wild("seep below the road", "2025-07-03", 80) with { Note = "all sown" }),
            Lot(
                "globemallow",
                Wild("own plants in the creek bed", "2026-08-14", 340) with
                {
                    Permission = null,
                    Parent = "B-27",
                    Note = "first seed of our own",
                }
            ),
        ];

    private static SeedLot Wild(string at, string on, int? counted) =>
        new(at, DemoBatches.Day(on), counted, Permission: "land-owner, verbally");

    private static GerminationTest Test(int up, int of, string on, params GivenStep[] given) => new(up, of, DemoBatches.Day(on), given);

    private static LotRow Lot(string species, SeedLot lot) => new() { SpeciesId = species, Body = CoreJson.Write(lot) };
}
