using Gassel.Core.Climate;
using Gassel.Core.Planning;
using Gassel.Core.Record;
using Gassel.Core.Seed;
using Gassel.Core.Treatments;
using Gassel.Core.Trials;
using Gassel.Data.Rows;
using static Gassel.Data.Packages.PackageKind;

namespace Gassel.Data.Packages;

/// <summary>
/// All that a package holds, what others refer to first. Not in it: accounts and passwords, mail, brokers and the tokens of thermometers,
/// which belong to one machine.
/// </summary>
internal static class PackageTables
{
    public static IReadOnlyList<PackageTable> All { get; } =
    [
        new(
            "weather_records",
            "weather_records",
            "Weather records of stations near by.",
            [
                new("id", "Id", Whole, "number of the record"),
                new("name", "Name", Text, "what the grower calls it"),
                new("made_up", "Generated", Yes, "drawn by the program, not measured"),
                new("added_at", "AddedAt", Moment, "when it came in"),
            ],
            ["id"],
            "Id"
        )
        {
            Where = "Whole",
            IsCounted = true,
            Given = [("Whole", "1")],
        },
        new(
            "weather_days",
            "weather_days",
            "Days of the weather records.",
            [
                new("record_id", "RecordId", Whole, "record it belongs to"),
                new("day", "Day", Day, "local day"),
                new("min", "MinC", Number, "lowest of the air", false, "Cel"),
                new("max", "MaxC", Number, "highest of the air", false, "Cel"),
                new("snow", "SnowCm", Number, "snow that lies", false, "cm"),
            ],
            ["record_id", "day"],
            "RecordId, Day"
        )
        {
            Where = "RecordId IN (SELECT Id FROM weather_records WHERE Whole)",
            Parents = [new("record_id", "weather_records", "id")],
        },
        new(
            "site",
            "site",
            "The site and how it is worked.",
            [
                new("id", "Id", Whole, "always 1", OneOf: ["1"]),
                new("name", "Name", Text, "what the grower calls it"),
                new("latitude", "Latitude", Number, "north above 0", Unit: "deg", Fault: PackageFaults.Latitude),
                new("time_zone", "TimeZone", Text, "of the IANA time zones", Fault: PackageFaults.Zone),
                new("last_frost", "LastFrost", Text, "usual last frost, month and day", Fault: PackageFaults.MonthDay),
                new("weather_record_id", "WeatherRecordId", Whole, "the record it goes by", false),
                new("settings", "Settings", Json, "schools and limits", false, Fault: PackageFaults.Of<SiteSettings>),
            ],
            ["id"],
            "Id"
        )
        {
            Given = [("OpenToNetwork", "0")],
            Parents = [new("weather_record_id", "weather_records", "id")],
        },
        new(
            "species",
            "species",
            "Species, starter values and the grower's own.",
            [
                new("id", "Id", Text, "short name that stays"),
                new("scientific_name", "ScientificName", Text, "binomial"),
                new("starter", "Body", Json, "starter values, from memory", false, Fault: PackageFaults.Of<Species>),
                new("own", "Own", Json, "the grower's values, which stand before them", false, Fault: PackageFaults.Of<Species>),
            ],
            ["id"],
            "Id"
        ),
        new(
            "routes",
            "routes",
            "Routes of treatment; versions are added, never changed.",
            [
                new("id", "Id", Text, "short name that stays"),
                new("version", "Version", Whole, "1 and up"),
                new("species_id", "SpeciesId", Text, "species it is for"),
                new("position", "Position", Whole, "the lowest is the usual one"),
                new("route", "Body", Json, "its steps", Fault: PackageFaults.Of<Route>),
            ],
            ["id", "version"],
            "Id, Version"
        )
        {
            Parents = [new("species_id", "species", "id")],
        },
        new(
            "places",
            "places",
            "Shelves, mats, yards: where things stand.",
            [
                new("id", "Id", Text, "short name that stays"),
                new("name", "Name", Text, "what the grower calls it"),
                new("kind", "Kind", Text, "what it is", OneOf: Enum.GetNames<PlaceKind>()),
                new("assumed_day", "AssumedC", Number, "assumed by day", Unit: "Cel"),
                new("assumed_night", "NightC", Number, "assumed by night", false, "Cel"),
                new("retired_on", "RetiredOn", Day, "no longer used from then on", false),
                new("capacity", "Capacity", Whole, "trays, bags or containers it holds", false),
                new("lamps_on", "LampsOn", Clock, "lamps go on", false),
                new("lamps_off", "LampsOff", Clock, "lamps go off", false),
                new("exposure", "Exposure", Text, "of a yard", false, OneOf: Enum.GetNames<Exposure>()),
                new("looks", "Looks", Text, "how often it is looked after", false, OneOf: Enum.GetNames<LookPace>()),
                new("position", "Position", Whole, "order in which a grower walks past"),
            ],
            ["id"],
            "Position, Id"
        ),
        new(
            "lots",
            "lots",
            "Lots of seed.",
            [
                new("id", "Id", Whole, "number of the lot"),
                new("species_id", "SpeciesId", Text, "its species"),
                new("lot", "Body", Json, "origin, number, storage, tests", Fault: PackageFaults.Of<SeedLot>),
            ],
            ["id"],
            "Id"
        )
        {
            IsCounted = true,
            Parents = [new("species_id", "species", "id")],
        },
        new(
            "batches",
            "batches",
            "Batches as they were planned.",
            [
                new("id", "Id", Uuid, "stays"),
                new("number", "Number", Whole, "as in B-12"),
                new("species_id", "SpeciesId", Text, "its species"),
                new("lot_id", "LotId", Whole, "lot it was drawn from"),
                new("plan", "Plan", Json, "steps, seeds, how it is sown", Fault: PackageFaults.Of<BatchPlan>),
                new("confirmed_at", "ConfirmedAt", Moment, "when it was planned"),
                new("who", "Who", Text, "who planned it", false),
            ],
            ["id"],
            "Number"
        )
        {
            Number = "number",
            Parents = [new("species_id", "species", "id"), new("lot_id", "lots", "id")],
        },
        new(
            "entries",
            "entries",
            "All that was recorded, in the order in which it came in. Never changed: what was wrong is undone by an entry of its own.",
            [
                new("id", "Id", Uuid, "stays"),
                new("act", "Act", Uuid, "gesture it belongs to"),
                new("batch_id", "BatchId", Uuid, "its batch"),
                new("kind", "Kind", Text, "what it says"),
                new("version", "Version", Whole, "of its kind"),
                new("done_on", "DoneOn", Day, "day at the site on which it was done"),
                new("done_at", "DoneAt", Moment, "moment, where hours matter", false),
                new("recorded_at", "RecordedAt", Moment, "by the clock of the device"),
                new("received_at", "ReceivedAt", Moment, "by the clock of the book"),
                new("who", "Who", Text, "who recorded it", false),
                new("source", "Source", Text, "how it came in", OneOf: Enum.GetNames<EntrySource>()),
                new("payload", "Payload", Json, "what it says, by kind and version"),
            ],
            ["id"],
            "Sequence"
        )
        {
            Parents = [new("batch_id", "batches", "id")],
        },
        new(
            "trials",
            "trials",
            "Trials as they were laid out.",
            [
                new("id", "Id", Uuid, "stays"),
                new("number", "Number", Whole, "as in T-2"),
                new("design", "Design", Json, "arms and layout", Fault: PackageFaults.Of<TrialDesign>),
                new("made_at", "MadeAt", Moment, "when it was laid out"),
                new("who", "Who", Text, "who did", false),
            ],
            ["id"],
            "Number"
        )
        {
            Number = "number",
        },
        new(
            "evidence",
            "evidence",
            "What finished batches of other nurseries did, as their packages told.",
            [
                new("id", "Id", Uuid, "stays"),
                new("nursery", "Nursery", Text, "as it calls itself; the results are its own"),
                new("written_at", "WrittenAt", Moment, "when its package was written", false),
                new("read_at", "ReadAt", Moment, "when it was read"),
                new("results", "Results", Json, "one a finished batch", Fault: PackageFaults.Of<EvidenceTold>),
            ],
            ["id"],
            "Nursery, Id"
        )
        {
            Since = 2,
        },
        new(
            "wishes",
            "wishes",
            "What is wanted.",
            [
                new("id", "Id", Uuid, "stays"),
                new("number", "Number", Whole, "as in W-7"),
                new("wish", "Wish", Json, "species, plants, when", Fault: PackageFaults.Of<Wish>),
                new("made_at", "MadeAt", Moment, "when it was entered"),
                new("who", "Who", Text, "who did", false),
                new("batch_id", "BatchId", Uuid, "batch it became", false),
            ],
            ["id"],
            "Number"
        )
        {
            Number = "number",
            Parents = [new("batch_id", "batches", "id")],
        },
        new(
            "thermometers",
            "reading_series",
            "Readings of one thermometer at one place are a series.",
            [
                new("id", "Id", Whole, "number of the series"),
                new("place_id", "PlaceId", Text, "where it hangs"),
                new("name", "Name", Text, "what the grower calls it"),
                new("source", "Source", Text, "how its readings came", OneOf: Enum.GetNames<ReadingSource>()),
                new("simulated", "Device", Text, "what it plays, where it is made up", false, OneOf: Enum.GetNames<DeviceKind>()),
                new("attached", "Attached", Yes, "hangs there still; its silence is told"),
                new("set_aside", "Aside", Yes, "its readings steer nothing"),
                new("added_at", "AddedAt", Moment, "when it was added"),
            ],
            ["id"],
            "Id"
        )
        {
            Where = "Whole",
            IsCounted = true,
            Given = [("Behaviour", $"'{nameof(SimulatedBehaviour.Steady)}'"), ("BehaviourSince", "0"), ("Whole", "1")],
            Parents = [new("place_id", "places", "id")],
        },
        new(
            "readings",
            "readings",
            "Temperatures measured.",
            [
                new("thermometer_id", "SeriesId", Whole, "series it belongs to"),
                new("at", "At", Second, "when"),
                new("temperature", "CentiC", Hundredths, "what it showed", Unit: "Cel"),
            ],
            ["thermometer_id", "at"],
            "SeriesId, At"
        )
        {
            Where = "SeriesId IN (SELECT Id FROM reading_series WHERE Whole)",
            Parents = [new("thermometer_id", "thermometers", "id")],
        },
        new(
            "humidity",
            "humidity",
            "Relative humidity measured.",
            [
                new("thermometer_id", "SeriesId", Whole, "series it belongs to"),
                new("at", "At", Second, "when"),
                new("relative_humidity", "Percent", Number, "what it showed", Unit: "%"),
            ],
            ["thermometer_id", "at"],
            "SeriesId, At"
        )
        {
            Where = "SeriesId IN (SELECT Id FROM reading_series WHERE Whole)",
            Parents = [new("thermometer_id", "thermometers", "id")],
        },
        new(
            "forecasts",
            "forecast_words",
            "What was forecast, and when it was said.",
            [
                new("day", "Day", Day, "local day it speaks of"),
                new("low", "LowC", Number, "lowest of the air", false, "Cel"),
                new("high", "HighC", Number, "highest of the air", false, "Cel"),
                new("gust", "GustKmh", Number, "strongest gust", false, "km/h"),
                new("rain", "RainMm", Number, "rain", false, "mm"),
                new("snow", "SnowCm", Number, "fresh snow", false, "cm"),
                new("told_at", "ToldAt", Moment, "when it was said"),
                new("source", "Source", Text, "how it came in", OneOf: Enum.GetNames<ForecastSource>()),
                new("by", "By", Text, "who said it", false),
            ],
            ["day", "told_at", "source", "by"],
            "ToldAt, Day, Source, \"By\""
        )
        {
            From = "(SELECT * FROM forecast_words WHERE Id IN (SELECT max(Id) FROM forecast_words GROUP BY Day, ToldAt, Source, \"By\"))",
        },
        new(
            "people",
            "people",
            "Names of all who recorded something; accounts stay where they are.",
            [new("name", "Who", Text, "as signed")],
            ["name"],
            "Who"
        )
        {
            From = "(SELECT Who FROM entries UNION SELECT Who FROM batches UNION SELECT Who FROM trials UNION SELECT Who FROM wishes)",
            Where = "Who <> ''",
            IsToldOnly = true,
        },
    ];
}
