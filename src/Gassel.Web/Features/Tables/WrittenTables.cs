using Gassel.Core;
using Gassel.Core.Fold;
using Gassel.Core.Record;
using Gassel.Core.Seed;
using Gassel.Core.Treatments;
using Gassel.Data.Readings;

namespace Gassel.Web.Features.Tables;

/// <summary>All tables that are written one by one.</summary>
internal static class WrittenTables
{
    public static IReadOnlyList<WrittenTable> All { get; } =
    [
        new WrittenTable<ResultRow>(
            "results",
            "a count of a vessel, with all that was done to its seed beside it",
            ResultRow.All,
            [
                new("batch", "string", null, "as on the label", r => Text.Of($"B-{r.Batch.Row.Number}")),
                new("part", "string", null, "vessel or part of the batch", r => r.Part.Id),
                new("species", "string", null, "scientific name", r => r.Species.ScientificName),
                new("lot", "integer", null, "number of the lot", r => r.Lot.Id),
                new("gathered_at", "string", null, "where the lot comes from", r => r.Lot.Lot.GatheredAt),
                new("gathered_on", "date", null, "harvest of the lot", r => r.Lot.Lot.GatheredOn),
                new("seed_age", "number", "a", "of the seed on the day it was sown", r =>
                    Rounded(r.Lot.Lot.AgeYears(r.Part.SownOn!.Value))
                ),
                new("storage", "string", null, "how the lot was kept", r => r.Lot.Lot.Storage),
                new("route", "string", null, "as planned", r => r.Batch.Plan.Route.Name),
                new("setting", "string", null, "indoors, winter container, autumn bed", r => r.Batch.Plan.Route.Setting),
                new("soak_days", "integer", "d", "by the calendar; empty where the route has none", r => r.DaysOf(StepKind.Soak)),
                new("scarified", "boolean", null, "a step of the route that was begun", r => r.DaysOf(StepKind.Scarify) is not null),
                new("warm_days", "integer", "d", "warm and moist, by the calendar", r => r.DaysOf(StepKind.WarmMoist)),
                new("cold_days", "integer", "d", "cold and moist, by the calendar", r => r.DaysOf(StepKind.ColdMoist)),
                new("vessel", "string", null, "what it was sown into", r => r.Part.Vessel?.Kind),
                new("place", "string", null, "where it stood on the day it was sown", r => r.PlaceName),
                new("sown_on", "date", null, "day it was sown or set out", r => r.Part.SownOn),
                new("seeds", "integer", null, "in the vessel, those cut for tests not", r => r.Part.Seeds),
                new("estimated", "number", "%", "the number of seeds is good to so much; empty where counted", r => r.Part.EstimatePercent),
                new("sprouted_before", "integer", null, "of these, sprouted in the treatment", r => r.Part.Sprouted),
                new("counted_on", "date", null, "empty: never counted, which is not zero", r => r.Count?.On),
                new("day", "integer", "d", "since it was sown", r => r.Count?.On.DayNumber - r.Part.SownOn!.Value.DayNumber),
                new("emerged", "integer", null, "new since the count before", r => r.Count?.Emerged),
                new("emerged_so_far", "integer", null, "that count included", r => r.Count is null ? null : r.EmergedSoFar),
                new("lost", "integer", null, "since the count before", r => r.Count?.Lost),
                new("cause", "string", null, "of the losses", r => r.Count is { Lost: > 0 } c ? c.Cause : null),
                new("left_out", "boolean", null, "the grower keeps it from teaching", r =>
                    r.Batch.State.ResultJudged is { Teaches: false }
                ),
            ]
        ),
        new WrittenTable<BatchTableRow>(
            "batches",
            "a batch",
            async books =>
            {
                var species = (await books.Library.Species()).ToDictionary(s => s.Id);
                return [.. (await books.Batches()).Select(b => new BatchTableRow(b, species[b.Row.SpeciesId]))];
            },
            [
                new("batch", "string", null, "as on the label", r => Text.Of($"B-{r.Batch.Row.Number}")),
                new("species", "string", null, "scientific name", r => r.Species.ScientificName),
                new("common_name", "string", null, "as this book calls it", r => r.Species.CommonName),
                new("lot", "integer", null, "number of the lot", r => r.Batch.Row.LotId),
                new("route", "string", null, "as planned", r => r.Batch.Plan.Route.Name),
                new("planned_seeds", "integer", null, "as planned", r => r.Batch.Plan.Seeds),
                new("planned_plants", "integer", null, "wanted", r => r.Batch.Plan.Plants),
                new("started_on", "date", null, "first step begun; empty: not yet", r => Started(r)),
                new("seeds", "integer", null, "begun with", r => r.Batch.State.SeedsStarted),
                new("germinated", "integer", null, "sprouted or emerged; empty: never counted", r => Germination(r)?.Germinated),
                new("fraction", "number", "1", "of the seed begun with; a lower bound while it is counted", r => Germination(r)?.Fraction),
                new("low", "number", "1", "lower end of the 95 % interval (Wilson 1927)", r => Germination(r)?.Low),
                new("high", "number", "1", "upper end", r => Germination(r)?.High),
                new("alive", "integer", null, "plants", r => r.Batch.State.Plants.Alive),
                new("dormant", "integer", null, "plants alive without leaves", r => r.Batch.State.Plants.Dormant),
                new("lost", "integer", null, "plants", r => r.Batch.State.Plants.Lost),
                new("closed_on", "date", null, "books closed", r => r.Batch.State.BooksClosedOn),
            ]
        ),
        new WrittenTable<PlantRow>(
            "plants",
            "plants of a batch at a stage",
            async books =>
            {
                var names = (await books.Library.Species()).ToDictionary(s => s.Id, s => s.CommonName);
                return
                [
                    .. from b in await books.Batches()
                    from s in b.State.Plants.Stages
                    where s.Reached > 0
                    select new PlantRow(b, names[b.Row.SpeciesId], s.Stage, s.Reached, s.Alive, s.Dormant),
                ];
            },
            [
                new("batch", "string", null, "as on the label", r => Text.Of($"B-{r.Batch.Row.Number}")),
                new("common_name", "string", null, "as this book calls it", r => r.CommonName),
                new("stage", "string", null, "seedling to planted", r => r.Stage),
                new("reached", "integer", null, "came so far at least", r => r.Reached),
                new("alive", "integer", null, "stand there now", r => r.Alive),
                new("dormant", "integer", null, "stand there without leaves", r => r.Dormant),
            ]
        ),
        new WrittenTable<PlantMoveRow>(
            "plant-moves",
            "plants of a batch that came a stage further",
            async books =>
                [
                    .. from b in await books.Batches()
                    from l in b.State.Log
                    where l.Fate != EntryFate.TakenBack && l.Entry.Payload is MovedOn
                    orderby b.Row.Number, l.Entry.DoneOn, l.Entry.Sequence
                    select new PlantMoveRow(b.Row.Number, l.Entry.DoneOn, (MovedOn)l.Entry.Payload),
                ],
            [
                new("batch", "string", null, "as on the label", r => Text.Of($"B-{r.Batch}")),
                new("part", "string", null, "vessel or part of the batch", r => r.Move.Part),
                new("date", "date", null, "day it was done", r => r.On),
                new("from", "string", null, "stage they came from", r => r.Move.From),
                new("to", "string", null, "stage they came to", r => r.Move.To),
                new("plants", "integer", null, "how many", r => r.Move.Plants),
            ]
        ),
        new WrittenTable<LotTableRow>(
            "lots",
            "a lot of seed",
            Lots,
            [
                new("lot", "integer", null, "number of the lot", r => r.Kept.Id),
                new("species", "string", null, "scientific name", r => r.Species.ScientificName),
                new("common_name", "string", null, "as this book calls it", r => r.Species.CommonName),
                new("gathered_at", "string", null, "place", r => r.Kept.Lot.GatheredAt),
                new("gathered_on", "date", null, "harvest", r => r.Kept.Lot.GatheredOn),
                new("source", "string", null, "gathered or bought", r => r.Kept.Lot.Source),
                new("storage", "string", null, "how it is kept", r => r.Kept.Lot.Storage),
                new("seeds", "integer", null, "when it was entered", r => r.Kept.Lot.Seeds),
                new("left", "integer", null, "not drawn and not tested", r => r.Kept.Left),
                new("latitude", "number", "deg", "north above 0", r => r.Kept.Lot.Latitude),
                new("longitude", "number", "deg", "east above 0", r => r.Kept.Lot.Longitude),
                new("elevation", "number", "m", "above the sea", r => r.Kept.Lot.ElevationM),
                new("permission", "string", null, "who allowed the collecting", r => r.Kept.Lot.Permission),
                new("price", "number", null, "of the whole lot, in the grower's own money", r => r.Kept.Lot.Price),
                new("note", "string", null, "the grower's", r => r.Kept.Lot.Note),
                new("expected", "number", "1", "share the grower expects to come up; empty for none", r => r.Kept.Lot.AssumedFraction),
                new("cleaning", "string", null, "how it was cleaned", r => r.Kept.Lot.Cleaning),
            ]
        ),
        new WrittenTable<LotTableRow>(
            "lots-passport",
            "a lot with its multi-crop passport descriptors (FAO and Bioversity, MCPD 2.1; names and codes from memory)",
            Lots,
            [
                new("ACCENUMB", "string", null, "accession number: the lot's", r => Text.Of($"lot {r.Kept.Id}")),
                new("GENUS", "string", null, "genus", r => r.Genus),
                new("SPECIES", "string", null, "specific epithet", r => r.Epithet),
                new("SUBTAXA", "string", null, "below the species, with its rank", r => r.Subtaxa),
                new("CROPNAME", "string", null, "common name", r => r.Species.CommonName),
                new("ACQDATE", "string", null, "YYYYMMDD, taken as the day of harvest", r => r.Gathered),
                new("COLLSITE", "string", null, "place of collecting; empty for a bought lot", r => Wild(r) ? r.Kept.Lot.GatheredAt : null),
                new("DECLATITUDE", "number", "deg", "north above 0", r => r.Kept.Lot.Latitude),
                new("DECLONGITUDE", "number", "deg", "east above 0", r => r.Kept.Lot.Longitude),
                new("ELEVATION", "number", "m", "above the sea", r => r.Kept.Lot.ElevationM),
                new("COLLDATE", "string", null, "YYYYMMDD; empty for a bought lot", r => Wild(r) ? r.Gathered : null),
                new("SAMPSTAT", "integer", null, "100 wild; empty where not known", r => Wild(r) ? 100 : null),
                new("COLLSRC", "integer", null, "10 wild habitat; empty where not known", r => Wild(r) ? 10 : null),
                new("STORAGE", "integer", null, "10 seed collection", _ => 10),
                new("REMARKS", "string", null, "note and permission", r => Joined(r.Kept.Lot.Note, r.Kept.Lot.Permission)),
            ]
        ),
        new WrittenTable<LotTableRow>(
            "lots-darwin-core",
            "a lot in Darwin Core terms (TDWG; names from memory)",
            Lots,
            [
                new("catalogNumber", "string", null, "number of the lot", r => Text.Of($"lot {r.Kept.Id}")),
                new("basisOfRecord", "string", null, "what it is", _ => "MaterialEntity"),
                new("preparations", "string", null, "what is kept", _ => "seed"),
                new("scientificName", "string", null, "binomial", r => r.Species.ScientificName),
                new("vernacularName", "string", null, "as this book calls it", r => r.Species.CommonName),
                new("locality", "string", null, "place of collecting; empty for a bought lot", r => Wild(r) ? r.Kept.Lot.GatheredAt : null),
                new("decimalLatitude", "number", "deg", "north above 0", r => r.Kept.Lot.Latitude),
                new("decimalLongitude", "number", "deg", "east above 0", r => r.Kept.Lot.Longitude),
                new("minimumElevationInMeters", "number", "m", "above the sea", r => r.Kept.Lot.ElevationM),
                new("eventDate", "date", null, "harvest", r => r.Kept.Lot.GatheredOn),
                new("organismQuantity", "integer", null, "when it was entered", r => r.Kept.Lot.Seeds),
                new("organismQuantityType", "string", null, "what is counted", _ => "seeds"),
                new("occurrenceRemarks", "string", null, "note and permission", r => Joined(r.Kept.Lot.Note, r.Kept.Lot.Permission)),
            ]
        ),
        new WrittenTable<Core.Treatments.Species>(
            "species",
            "a species",
            async books => await books.Library.Species(),
            [
                new("id", "string", null, "short name that stays", s => s.Id),
                new("species", "string", null, "scientific name", s => s.ScientificName),
                new("common_name", "string", null, "as this book calls it", s => s.CommonName),
                new("dormancy", "string", null, "class", s => s.DormancyClass),
                new("hazard", "string", null, "of its seed and plant", s => s.Hazard),
                new("hazard_note", "string", null, "what to mind", s => s.HazardNote),
                new("germinates_low", "number", "Cel", "lower end", s => s.Germination.LowC),
                new("germinates_high", "number", "Cel", "upper end", s => s.Germination.HighC),
                new("hardiness", "string", null, "of its seedlings", s => s.Hardiness),
                new("longevity", "string", null, "how its seed keeps", s => s.Longevity),
                new("spacing", "number", "cm", "between plants; empty where not entered", s => s.Planted?.SpacingCm),
                new("origin", "string", null, "where the values come from", s => s.Origin),
                new("depth", "string", null, "of the dormancy; empty where it has none", s => s.Depth),
                new("flags", "string", null, "what else matters, parted by blanks", s => string.Join(' ', s.Flags.Select(f => Camel(f)))),
                new("night_low", "number", "Cel", "where nights should differ", s => s.NightC?.LowC),
                new("night_high", "number", "Cel", "upper end", s => s.NightC?.HighC),
                new("depth_low", "number", "mm", "sowing depth; empty to follow from the seed", s => s.SowingDepth?.LowMm),
                new("depth_high", "number", "mm", "upper end", s => s.SowingDepth?.HighMm),
                new("seed_width", "number", "mm", "empty where nobody measured it", s => s.SeedSize?.WidthMm),
                new("seed_thickness", "number", "mm", "empty where nobody measured it", s => s.SeedSize?.ThicknessMm),
                new("water", "string", null, "how dry its mix may get; empty to go by seed and stage", s => s.Water),
                new("look_alike", "string", null, "what it may be taken for", s => s.LookAlike),
                new("notes", "string", null, "on the species", s => s.Notes),
            ]
        ),
        new WrittenTable<RouteStepRow>(
            "routes",
            "a step of a route",
            async books =>
                [
                    .. from s in await books.Library.Species()
                    from r in s.Routes
                    from step in r.Steps.Select((step, at) => (step, at))
                    select new RouteStepRow(s, r, step.at + 1, step.step),
                ],
            [
                new("species", "string", null, "scientific name", r => r.Species.ScientificName),
                new("route", "string", null, "short name that stays", r => r.Route.Id),
                new("version", "integer", null, "1 and up; the newest is told", r => r.Route.Version),
                new("name", "string", null, "of the route", r => r.Route.Name),
                new("setting", "string", null, "indoors, winter container, autumn bed", r => r.Route.Setting),
                new("step", "integer", null, "1 and up", r => r.At),
                new("kind", "string", null, "what is done", r => r.Step.Kind),
                new("shortest", "number", "d", "least days", r => r.Step.Days.Shortest),
                new("usual", "number", "d", "usual days", r => r.Step.Days.Usual),
                new("longest", "number", "d", "most days", r => r.Step.Days.Longest),
                new("low", "number", "Cel", "lower end of its band; empty where it does not matter", r => r.Step.Band?.LowC),
                new("high", "number", "Cel", "upper end", r => r.Step.Band?.HighC),
                new("optional", "boolean", null, "may be left out", r => r.Step.Optional),
                new("origin", "string", null, "where its days come from", r => r.Route.Origin ?? r.Species.Origin),
                new("method", "string", null, "of scarifying", r => r.Step.Method),
                new("note", "string", null, "how it is done", r => r.Step.Note),
            ]
        ),
        new WrittenTable<WeatherRow>(
            "weather",
            "a day of a weather record",
            async books =>
            {
                var rows = new List<WeatherRow>();
                foreach (var record in await books.Weather.Records())
                    rows.AddRange(books.Weather.Days(record.Id).Select(d => new WeatherRow(record.Name, record.Generated, d)));
                return rows;
            },
            [
                new("record", "string", null, "as this book calls it", r => r.Record),
                new("made_up", "boolean", null, "drawn by the program, not measured", r => r.MadeUp),
                new("date", "date", null, "local day", r => r.Day.Date),
                new("tmin", "number", "Cel", "lowest of the air", r => r.Day.MinC),
                new("tmax", "number", "Cel", "highest of the air", r => r.Day.MaxC),
                new("snow", "number", "cm", "snow that lies", r => r.Day.SnowCm),
            ]
        ),
        new WrittenTable<RawReading>(
            "readings",
            "a reading of a thermometer, as it came",
            books => Task.FromResult(books.Readings.Raw()),
            [
                new("thermometer", "string", null, "as this book calls it", r => r.Thermometer),
                new("place", "string", null, "where it hung", r => r.Place),
                new("made_up", "boolean", null, "played by the program, not measured", r => r.MadeUp),
                new("set_aside", "boolean", null, "steers nothing", r => r.Aside),
                new("at", "datetime", null, "when, UTC", r => Text.Of($"{r.At.UtcDateTime:yyyy-MM-ddTHH:mm:ss}Z")),
                new("temperature", "number", "Cel", "what it showed", r => r.TempC),
                new("relative_humidity", "number", "%", "what it showed; empty where it measures none", r => r.HumidityPercent),
            ]
        ),
    ];

    private static async Task<IEnumerable<LotTableRow>> Lots(TableBooks books)
    {
        var species = (await books.Library.Species()).ToDictionary(s => s.Id);
        return [.. (await books.Lots.All()).Select(l => new LotTableRow(l, species[l.SpeciesId]))];
    }

    private static string Camel(SpeciesFlag flag) => System.Text.Json.JsonNamingPolicy.CamelCase.ConvertName(flag.ToString());

    private static bool Wild(LotTableRow row) => row.Kept.Lot.Source == SeedSource.WildCollected;

    private static string Joined(params string?[] parts) => string.Join("; ", parts.Where(p => !string.IsNullOrWhiteSpace(p)));

    private static double Rounded(double years) => Math.Round(years, 2);

    private static DateOnly? Started(BatchTableRow row) =>
        row.Batch.State.Parts.SelectMany(p => p.Spans).Select(s => (DateOnly?)s.Start).Min();

    /// <summary>Null while nobody counted: not known is not zero.</summary>
    private static BatchGermination? Germination(BatchTableRow row) =>
        BatchGermination.From(row.Batch.Plan, row.Batch.State) is { Counted: not Counted.Never } counted ? counted : null;
}
