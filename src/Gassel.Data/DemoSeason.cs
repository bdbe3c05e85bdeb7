using Gassel.Core.Batches;
using Gassel.Core.Planning;
using Gassel.Core.Treatments;
using Gassel.Data.Rows;
using Microsoft.EntityFrameworkCore;

namespace Gassel.Data;

/// <summary>
/// An invented winter at an invented nursery, in mid-March. Fills an empty book once; its clock starts at 14 March 2027, 09:00 at
/// the site.
/// </summary>
public static class DemoSeason
{
    private static readonly DateTimeOffset Starts = new(2027, 3, 14, 9, 0, 0, TimeSpan.FromHours(-6));

    public static async Task Fill(GasselDb db, DateTimeOffset realNow)
    {
        if (await db.Sites.AnyAsync()) return;
        db.Sites.Add(new()
        {
            Name = "Skarve Bench Native Nursery",
            Latitude = 46.8,
            TimeZone = "America/Denver",
            LastFrost = "05-08",
            DemoWoundAt = realNow.ToUnixTimeMilliseconds(),
            DemoShowed = Starts.ToUnixTimeMilliseconds(),
        });
        db.Lots.AddRange(Lots());
        await db.SaveChangesAsync();
        var sequence = 0L;
        foreach (var batch in Batches().Concat(OtherKinds()))
        {
            db.Batches.Add(batch.ToRow());
            foreach (var entry in batch.Entries)
            {
                var row = EntryCodec.ToRow(entry, batch.Id, entry.RecordedAt);
                row.Sequence = ++sequence;
                db.Entries.Add(row);
            }
        }
        await db.SaveChangesAsync();
    }

    private static IEnumerable<LotRow> Lots() =>
    [
        Lot("balsamroot", "south slope above the bench", "2026-07-02", 420, 24, 40),
        Lot("balsamroot", "Alder Gulch, open pine", "2025-07-11", 150, null, null, 0.45, "second year in the jar"),
        Lot("globemallow", "burn above Kettle Creek", "2026-08-20", 900, 31, 50),
        Lot("snowberry", "draw behind the shed", "2026-09-28", 600, null, null, 0.4, "cleaned wet, dried two days"),
        Lot("alumroot", "basalt ledge, north side", "2026-07-25", 4000, 44, 100, null, "dust-fine; number by weight"),
        Lot("prairie-smoke", "meadow above the yard", "2026-07-18", 500, 38, 60),
        Lot("scarlet-gilia", "road cut, decomposed granite", "2026-08-09", 260, null, null, 0.5),
        Lot("goldenbanner", "wet meadow, lower fence", "2026-08-15", 120, null, null, 0.6, "toxic: own jar, marked"),
        Lot("parsnip-buckwheat", "ridge, thin soil", "2026-09-01", 400, 19, 40),
    ];

    private static LotRow Lot(string species, string at, string on, int seeds, int? up, int? of, double? assumed = null, string? note = null) => new()
    {
        SpeciesId = species,
        GatheredAt = at,
        GatheredOn = Day(on),
        Seeds = seeds,
        TestGerminated = up,
        TestSeeds = of,
        AssumedFraction = assumed,
        Note = note,
    };

    private static IEnumerable<DemoBatch> Batches()
    {
        var bag = (string label) => new Vessel(VesselKind.Bag, label);
        var tray = (string label, int cells) => new Vessel(VesselKind.Tray, label, cells);

        yield return new DemoBatch(1, "snowberry", 4, 120, 30, "2026-08-22")
            .Do("2026-08-22", new StepStarted("1", 0, 120, "warm-shelf", bag("bag 1")))
            .Weekly("2026-08-29", "2026-10-31")
            .Do("2026-11-05", new StepStarted("1", 1, null, "cold-shelf"))
            .Weekly("2026-11-12", "2027-03-11");
        yield return new DemoBatch(2, "balsamroot", 1, 72, 30, "2026-12-08")
            .Do("2026-12-08", new StepStarted("1", 0, 72, "cold-shelf", bag("bag 2")))
            .Weekly("2026-12-15", "2027-01-12")
            .Weekly("2027-01-15", "2027-02-08", 3)
            .Do("2027-02-10", new Check("1", Moisture.Right, MouldSeen.None, 6), new Split("1", [new("1.1", 6, 6), new("1.2", 66, 0)]), new Sown("1.1", "lamp-shelf", new(VesselKind.Pot, "pots B-2")))
            .Weekly("2027-02-13", "2027-02-25", 3, "1.2")
            .Do("2027-02-22", new Count("1.1", 5, 0))
            .Do("2027-02-27", new StepStarted("1.1", 2))
            .Do("2027-03-01", new Sown("1.2", "yard", tray("deep cells 2", 66)))
            .Do("2027-03-06", new Count("1.2", 4, 0))
            .Do("2027-03-09", new Count("1.2", 13, 0))
            .Do("2027-03-12", new Count("1.2", 12, 1, LossCause.Eaten));
        yield return new DemoBatch(3, "balsamroot", 2, 60, 15, "2026-12-22")
            .Do("2026-12-22", new StepStarted("1", 0, 60, "cold-shelf", bag("bag 3")))
            .Weekly("2026-12-29", "2027-01-19")
            .Weekly("2027-01-22", "2027-03-09", 3);
        yield return new DemoBatch(4, "globemallow", 3, 72, 30, "2027-01-12")
            .Do("2027-01-12", new StepStarted("1", 0, 72, "table", new(VesselKind.Jar, "jar 4")), new StepStarted("1", 1))
            .Do("2027-01-13", new StepStarted("1", 2, null, "cold-shelf", bag("bag 4")))
            .Weekly("2027-01-20", "2027-02-10")
            .Do("2027-02-12", new Sown("1", "lamp-shelf", tray("tray 4", 72)))
            .Do("2027-02-18", new Count("1", 3, 0))
            .Do("2027-02-21", new Count("1", 11, 0))
            .Do("2027-02-24", new Count("1", 15, 1, LossCause.DampingOff))
            .Do("2027-02-27", new Count("1", 8, 0))
            .Do("2027-03-03", new Count("1", 5, 2, LossCause.DampingOff))
            .Do("2027-03-08", new Count("1", 1, 0), new StepStarted("1", 4))
            .Do("2027-03-12", new Count("1", 0, 0))
            .Do("2027-03-12", "volunteer", new Count("1", 43, 0));
        yield return new DemoBatch(5, "globemallow", 3, 96, 40, "2027-03-10");
        yield return new DemoBatch(6, "globemallow", 3, 48, 20, "2027-02-11")
            .Do("2027-02-11", new StepStarted("1", 0, 48, "table", new(VesselKind.Jar, "jar 6")), new StepStarted("1", 1))
            .Do("2027-02-12", new StepStarted("1", 2, null, "cold-shelf", bag("bag 6")))
            .Weekly("2027-02-19", "2027-03-12");
        yield return new DemoBatch(7, "alumroot", 5, 300, 60, "2027-02-24")
            .Do("2027-02-24", new StepStarted("1", 0, 300, "lamp-shelf", tray("tray 7", 72)))
            .Do("2027-03-06", new Count("1", 9, 0))
            .Do("2027-03-09", new Count("1", 41, 0))
            .Do("2027-03-11", new Count("1", 38, 0));
        yield return new DemoBatch(8, "alumroot", 5, 200, 50, "2027-03-14");
        yield return new DemoBatch(9, "snowberry", 4, 150, 40, "2027-02-02")
            .Do("2027-02-02", new StepStarted("1", 0, 150, "warm-shelf", bag("bag 9")))
            .Weekly("2027-02-09", "2027-03-02")
            .Do("2027-03-02", new Note(null, "Bag nearer the heater than the others; turned it."));
        yield return new DemoBatch(10, "globemallow", 3, 60, 25, "2027-03-13")
            .Do("2027-03-13", new StepStarted("1", 0, 60, "table", new(VesselKind.Jar, "jar 10")), new StepStarted("1", 1));
        yield return new DemoBatch(11, "balsamroot", 1, 80, 30, "2027-11-20");
        yield return new DemoBatch(12, "balsamroot", 1, 48, 20, "2027-01-28")
            .Do("2027-01-28", new StepStarted("1", 0, 48, "cold-shelf", bag("bag 12")))
            .Weekly("2027-02-04", "2027-02-25")
            .Weekly("2027-02-27", "2027-03-12", 3);
    }

    private static IEnumerable<DemoBatch> OtherKinds()
    {
        yield return new DemoBatch(13, "prairie-smoke", 6, 72, 30, "2027-02-06", route: 1)
            .Do("2027-02-06", new StepStarted("1", 0, 72, "cold-shelf", new(VesselKind.Bag, "bag 13")))
            .Weekly("2027-02-13", "2027-03-06");
        yield return new DemoBatch(14, "scarlet-gilia", 7, 48, 20, "2027-01-25")
            .Do("2027-01-25", new StepStarted("1", 0, 48, "cold-shelf", new(VesselKind.Bag, "bag 14")))
            .Weekly("2027-02-01", "2027-02-15")
            .Do("2027-02-22", new Sown("1", "lamp-shelf", new(VesselKind.Tray, "deep cells 14", 48)))
            .Do("2027-03-04", new Count("1", 4, 0))
            .Do("2027-03-07", new Count("1", 9, 0))
            .Do("2027-03-10", new Count("1", 6, 1, LossCause.DampingOff))
            .Do("2027-03-13", new Count("1", 2, 0));
        yield return new DemoBatch(15, "goldenbanner", 8, 60, 25, "2027-03-16");
        yield return new DemoBatch(16, "parsnip-buckwheat", 9, 96, 30, "2027-01-20")
            .Do("2027-01-20", new StepStarted("1", 0, 96, "cold-shelf", new(VesselKind.Bag, "bag 16")))
            .Weekly("2027-01-27", "2027-02-03")
            .Weekly("2027-02-06", "2027-03-11", 3);
    }

    private static DateOnly Day(string iso) => DateOnly.ParseExact(iso, "yyyy-MM-dd");

    /// <summary>One batch as it was told, day by day.</summary>
    private sealed class DemoBatch(int number, string speciesId, int lot, int seeds, int plants, string start, int route = 0)
    {
        private int _told;

        public Guid Id { get; } = new(number, 0, 0, [0xde, 0, 0, 0, 0, 0, 0, 1]);

        public List<Entry> Entries { get; } = [];

        public DemoBatch Do(string day, params EntryPayload[] payloads) => Do(day, "grower", payloads);

        public DemoBatch Do(string day, string who, params EntryPayload[] payloads)
        {
            var act = NextId();
            var at = new DateTimeOffset(Day(day).ToDateTime(new(17, 0)), TimeSpan.FromHours(-6));
            foreach (var payload in payloads) Entries.Add(new(NextId(), 0, act, Day(day), null, at, who, EntrySource.Hand, payload));
            return this;
        }

        /// <summary>Looked at and all well, every so many days from the first to at most the last.</summary>
        public DemoBatch Weekly(string first, string last, int everyDays = 7, string part = "1")
        {
            for (var day = Day(first); day <= Day(last); day = day.AddDays(everyDays))
            {
                Do(day.ToString("yyyy-MM-dd", System.Globalization.CultureInfo.InvariantCulture), new Check(part, Moisture.Right, MouldSeen.None, 0));
            }
            return this;
        }

        public BatchRow ToRow()
        {
            var way = StarterLibrary.All.Single(s => s.Id == speciesId).Routes[route];
            var before = way.Steps.TakeWhile(s => s.Kind != StepKind.Germinate).Sum(s => s.Days.Usual);
            var anchor = new Anchor(AnchorEvent.Sow, Day(start).AddDays(before));
            var schedule = Scheduler.Plan(anchor, Day(start), [.. way.Steps.Select(s => new ScheduleStep(s.Kind, s.Days, s.Optional))]);
            return new()
            {
                Id = Id,
                Number = number,
                SpeciesId = speciesId,
                LotId = lot,
                Plan = CoreJson.Write(BatchPlanner.Confirm(way, anchor, schedule, PlanChoice.Usual, plants, seeds)!),
                ConfirmedAt = new DateTimeOffset(Day(start).AddDays(-3).ToDateTime(new(20, 0)), TimeSpan.FromHours(-7)).ToUnixTimeMilliseconds(),
                Who = "grower",
            };
        }

        private Guid NextId() => new(number, (short)++_told, 0, [0xde, 0, 0, 0, 0, 0, 0, 2]);
    }
}
