using System.Globalization;
using Gassel.Core.Record;

namespace Gassel.Data.Demo;

/// <summary>The batches of the demo, as told day by day.</summary>
internal static class DemoBatches
{
    public static IEnumerable<DemoBatch> All =>
        ThisWinter()
            .Concat(OtherKinds())
            .Concat(LastWinter())
            .Concat(LaterKinds())
            .Concat(DemoTrial.Batches)
            .Concat(WintersBefore())
            .Concat(DemoYard.Batches())
            .Concat(ForBloom())
            .Concat(GrownOn());

    /// <summary>This winter, mostly on the cold shelf and under the lamps.</summary>
    private static IEnumerable<DemoBatch> ThisWinter()
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
            .Do(
                "2027-02-10",
                new Check("1", Moisture.Right, MouldSeen.None, 6),
                new Split("1", [new("1.1", 6, 6), new("1.2", 66, 0)]),
                new Sown("1.1", "lamp-shelf", new(VesselKind.Pot, "pots B-2"))
            )
            .Weekly("2027-02-13", "2027-02-25", 3, "1.2")
            .Do("2027-02-22", new Count("1.1", 5, 0))
            .Do("2027-02-27", new StepStarted("1.1", 2))
            .Do("2027-03-01", new Sown("1.2", "yard", new(VesselKind.DeepCells, "deep cells 2", 66), 10, Cover: SowCover.Mix))
            .Do("2027-03-06", new Count("1.2", 4, 0))
            .Do("2027-03-09", new Count("1.2", 13, 0))
            .Do("2027-03-12", new Count("1.2", 12, 1, LossCause.Eaten));
        yield return new DemoBatch(3, "balsamroot", 2, 60, 15, "2026-12-22")
            .Do("2026-12-22", new StepStarted("1", 0, 60, "cold-shelf", bag("bag 3")))
            .Labelled("2026-12-22")
            .Weekly("2026-12-29", "2027-01-19")
            .Weekly("2027-01-22", "2027-03-09", 3);
        yield return new DemoBatch(4, "globemallow", 3, 72, 30, "2027-01-12")
            .Do("2027-01-12", new StepStarted("1", 0, 72, "table", new(VesselKind.Jar, "jar 4")), new StepStarted("1", 1))
            .Do("2027-01-13", new StepStarted("1", 2, null, "cold-shelf", bag("bag 4")))
            .Weekly("2027-01-20", "2027-02-10")
            .Do("2027-02-12", new Sown("1", "heat-mat", tray("tray 4", 72)))
            .Do("2027-02-18", new Count("1", 3, 0))
            .Do("2027-02-20", new Moved("1", "lamp-shelf"))
            .Do("2027-02-21", new Count("1", 11, 0))
            .Do("2027-02-23", new SymptomSeen("1", Symptom.DampingOff))
            .Do("2027-02-24", new Count("1", 15, 1, LossCause.DampingOff))
            .Do("2027-02-27", new Count("1", 8, 0))
            .Do("2027-03-03", new Count("1", 5, 2, LossCause.DampingOff))
            .Do("2027-03-05", new Tended("1", Tending.LampsRaised), new SymptomSeen("1", Symptom.DampingOff, SymptomCourse.Gone))
            .Do("2027-03-08", new Count("1", 1, 0), new MovedOn("1", PlantStage.Seedling, PlantStage.PrickedOut, 32, "72 plugs"))
            .Do("2027-03-12", new Count("1", 0, 0))
            .Do("2027-03-12", "volunteer", new Count("1", 43, 0));
        yield return new DemoBatch(5, "globemallow", 3, 96, 40, "2027-03-10");
        yield return new DemoBatch(6, "globemallow", 3, 48, 20, "2027-02-11")
            .Do("2027-02-11", new StepStarted("1", 0, 48, "table", new(VesselKind.Jar, "jar 6")), new StepStarted("1", 1))
            .Do("2027-02-12", new StepStarted("1", 2, null, "cold-shelf", bag("bag 6")))
            .Labelled("2027-02-12")
            .Weekly("2027-02-19", "2027-03-12");
        yield return new DemoBatch(7, "alumroot", 5, 300, 60, "2027-02-24")
            .Do(
                "2027-02-24",
                new Sown("1", "lamp-shelf", tray("tray 7", 72), 0, Seeds: 300, Cover: SowCover.Surface, EstimatePercent: 20, Dome: true)
            )
            .Do("2027-03-06", new Count("1", 9, 0))
            .Do("2027-03-09", new Count("1", 41, 0))
            .Daily("2027-02-25", "2027-03-13", new Tended("1", Tending.DomeAired), new WaterLooked("1", SurfaceSeen.Moist))
            .Do("2027-03-11", new Count("1", 38, 0))
            .Do("2027-03-12", new SymptomSeen("1", Symptom.FungusGnats));
        yield return new DemoBatch(8, "alumroot", 5, 200, 50, "2027-03-14");
        yield return new DemoBatch(9, "snowberry", 4, 150, 40, "2027-02-02")
            .Do("2027-02-02", new StepStarted("1", 0, 150, "warm-shelf", bag("bag 9")))
            .Weekly("2027-02-09", "2027-02-23")
            .Do("2027-03-02", new Check("1", Moisture.Right, MouldSeen.None, 0, PlaceC: 23))
            .Do("2027-03-02", new Note(null, "Bag nearer the heater than the others; turned it."));
        yield return new DemoBatch(10, "globemallow", 3, 60, 25, "2027-03-13").At(
            "2027-03-13",
            new(8, 40),
            new StepStarted("1", 0, 60, "table", new(VesselKind.Jar, "jar 10")),
            new StepStarted("1", 1)
        );
        yield return new DemoBatch(11, "balsamroot", 1, 80, 30, "2027-11-20");
        yield return new DemoBatch(12, "balsamroot", 1, 48, 20, "2027-01-28")
            .Do("2027-01-28", new StepStarted("1", 0, 48, "cold-shelf", bag("bag 12")))
            .Labelled("2027-01-28")
            .Weekly("2027-02-04", "2027-02-18")
            .Do("2027-02-25", new Check("1", Moisture.Dry, MouldSeen.None, 0, null, [BagCare.Wetted]))
            .Weekly("2027-02-27", "2027-03-12", 3);
    }

    private static IEnumerable<DemoBatch> OtherKinds()
    {
        yield return new DemoBatch(13, "prairie-smoke", 6, 72, 30, "2027-02-06", route: 1)
            .Do("2027-02-06", new StepStarted("1", 0, 72, "cold-shelf", new(VesselKind.Bag, "bag 13")))
            .Labelled("2027-02-06")
            .Weekly("2027-02-13", "2027-03-06");
        yield return new DemoBatch(14, "scarlet-gilia", 7, 48, 20, "2027-01-25")
            .Do("2027-01-25", new StepStarted("1", 0, 48, "cold-shelf", new(VesselKind.Bag, "bag 14")))
            .Labelled("2027-01-25")
            .Weekly("2027-02-01", "2027-02-15")
            .Do(
                "2027-02-22",
                new Sown("1", "lamp-shelf", new(VesselKind.DeepCells, "deep cells 14", 48), 3, Cover: SowCover.Mix, Dome: true)
            )
            .Do("2027-03-04", new Count("1", 4, 0))
            .Do("2027-03-07", new Count("1", 9, 0))
            .Do("2027-03-08", new DomeOff("1"))
            .Do("2027-03-10", new Count("1", 6, 1, LossCause.DampingOff))
            .Do("2027-03-13", new Count("1", 2, 0), new SymptomSeen("1", Symptom.FungusGnats));
        yield return new DemoBatch(15, "goldenbanner", 8, 60, 25, "2027-03-14");
        yield return new DemoBatch(16, "parsnip-buckwheat", 9, 96, 30, "2027-01-20")
            .Do("2027-01-20", new StepStarted("1", 0, 96, "cold-shelf", new(VesselKind.Bag, "bag 16")))
            .Labelled("2027-01-20")
            .Weekly("2027-01-27", "2027-02-03")
            .Weekly("2027-02-06", "2027-03-11", 3);
    }

    /// <summary>Kinds that came in later, two of them out in the yard.</summary>
    private static IEnumerable<DemoBatch> LaterKinds()
    {
        yield return new DemoBatch(20, "small-camas", 11, 120, 40, "2026-12-20", route: 1)
            .Do(
                "2026-12-20",
                new Prepared(
                    "1",
                    new(Core.Record.ContainerPreset.Jug4),
                    [
                        Core.Record.PreparationStep.DrainHoles,
                        Core.Record.PreparationStep.VentHoles,
                        Core.Record.PreparationStep.MixFilled,
                        Core.Record.PreparationStep.Sown,
                        Core.Record.PreparationStep.TwoLabels,
                    ]
                )
            )
            .Do("2026-12-20", new StepStarted("1", 0, 120, "yard", new(VesselKind.Container, "jug 20")))
            .Labelled("2026-12-20")
            .Weekly("2027-01-03", "2027-03-07", 14);
        yield return new DemoBatch(21, "meadow-death-camas", 12, 60, 20, "2027-01-05")
            .Do("2027-01-05", new StepStarted("1", 0, 60, "cold-shelf", new(VesselKind.Bag, "bag 21, toxic")))
            .Labelled("2027-01-05")
            .Weekly("2027-01-12", "2027-03-09");
        yield return new DemoBatch(22, "saskatoon", 13, 150, 40, "2026-11-20")
            .Do("2026-11-20", new StepStarted("1", 0, 150, "cold-shelf", new(VesselKind.Bag, "bag 22")))
            .Labelled("2026-11-20")
            .Weekly("2026-11-27", "2027-01-08")
            .Weekly("2027-01-11", "2027-03-12", 3);
        yield return new DemoBatch(24, "elegant-penstemon", 16, 200, 60, "2027-01-30")
            .Told("2027-01-30", new StepStarted("1", 0, 200, "cold-shelf", new(VesselKind.Bag, "bag 24")))
            .Weekly("2027-02-27", "2027-03-13");
        yield return new DemoBatch(23, "red-osier-dogwood", 14, 100, 25, "2027-01-02")
            .Do("2027-01-02", new StepStarted("1", 0, 100, "table", new(VesselKind.Jar, "jar 23")))
            .Do("2027-01-03", new StepStarted("1", 1, null, "cold-shelf", new(VesselKind.Bag, "bag 23")))
            .Weekly("2027-01-10", "2027-03-07");
    }

    /// <summary>Last winter, copied from the notebook: what own results rest on.</summary>
    private static IEnumerable<DemoBatch> LastWinter()
    {
        yield return Globemallow(17, 120, "2026-01-10", "2026-02-10", [(5, 9), (9, 38), (13, 21), (18, 8), (26, 2)])
            .Expecting(0.62, 0.51, 0.74, "own results of one batch, and the starter value");
        yield return Globemallow(18, 60, "2026-01-24", "2026-02-08", [(5, 3), (9, 13), (13, 8), (18, 3), (26, 0)])
            .Expecting(0.62, 0.51, 0.74, "own results of one batch, and the starter value");
        yield return new DemoBatch(19, "balsamroot", 2, 60, 20, "2025-12-04")
            .Expecting(0.45, 0.22, 0.70, "the starter value, from memory")
            .Do("2025-12-04", new StepStarted("1", 0, 60, "cold-shelf", new(VesselKind.Bag, "bag 19")))
            .Weekly("2025-12-11", "2026-02-19")
            .Do("2026-02-26", new Sown("1", "yard", new(VesselKind.DeepCells, "deep cells 19", 60)))
            .Do("2026-03-08", new Count("1", 8, 0))
            .Do("2026-03-14", new Count("1", 16, 1, LossCause.Eaten))
            .Do("2026-03-28", new Count("1", 7, 2, LossCause.Unknown))
            .Do("2026-04-12", new StepStarted("1", 2, null, "yard"))
            .Do("2026-04-14", new MovedOn("1", PlantStage.Seedling, PlantStage.Potted, 28, "deep pots"))
            .Do(
                "2026-07-20",
                new DiedBack("1", PlantStage.Potted, 26),
                new Note("1", "Leaves died back: dormant, alive. Kept barely moist.")
            )
            .Do("2027-03-10", new CameAgain("1", PlantStage.Potted, 9));
    }

    /// <summary>Two winters back and a sowing that does not come up as it should.</summary>
    private static IEnumerable<DemoBatch> WintersBefore()
    {
        yield return Globemallow(27, 90, "2025-01-12", "2025-02-12", [(5, 4), (9, 19), (13, 15), (18, 6), (26, 3)]);
        yield return new DemoBatch(28, "elegant-penstemon", 16, 72, 20, "2027-01-10")
            .Do("2027-01-10", new StepStarted("1", 0, 72, "cold-shelf", new(VesselKind.Bag, "bag 28")))
            .Labelled("2027-01-10")
            .Weekly("2027-01-17", "2027-01-24")
            .Do("2027-02-02", new Check("1", Moisture.Dry, MouldSeen.None, 0, null, [BagCare.Wetted]))
            .Do(
                "2027-02-09",
                new Sown("1", "lamp-shelf", new(VesselKind.Tray, "tray 28", 72), 6, SeedsPerCell: 1, Cover: SowCover.Mix, Dome: true)
            )
            .Do("2027-02-19", new Count("1", 2, 0, Spots: [new(14, null, 1, 0), new(39, null, 1, 0)]))
            .Do("2027-02-24", new DomeOff("1"))
            .Do(
                "2027-02-26",
                new Check("1", Moisture.Right, MouldSeen.None, 0),
                new Count("1", 3, 0, Spots: [new(15, null, 1, 0), new(52, null, 1, 0), new(70, null, 1, 0)])
            )
            .Do("2027-03-05", new Count("1", 1, 1, LossCause.DampingOff, Spots: [new(40, null, 1, 0), new(14, null, 0, 1)]))
            .Do("2027-03-09", new TrueLeaves("1"))
            .Do("2027-03-12", new Check("1", Moisture.Right, MouldSeen.None, 0), new Count("1", 0, 0))
            .Do("2027-03-13", new Measured("1", 12));
    }

    /// <summary>Rosettes out for their winter, through a hard week.</summary>
    private static IEnumerable<DemoBatch> ForBloom()
    {
        yield return new DemoBatch(40, "scarlet-gilia", 7, 24, 10, "2026-08-20", route: 1)
            .Do("2026-08-20", new StepStarted("1", 0, 24, "cold-shelf", new(VesselKind.Bag, "bag 40")))
            .Weekly("2026-08-27", "2026-09-10")
            .Do("2026-09-17", new Sown("1", "lamp-shelf", new(VesselKind.DeepCells, "deep cells 40", 24), 3, Cover: SowCover.Mix))
            .Do("2026-09-28", new Count("1", 13, 0))
            .Do("2026-10-03", new Count("1", 3, 1, LossCause.DampingOff))
            .Do("2026-10-08", new MovedOn("1", PlantStage.Seedling, PlantStage.Potted, 15, "deep pots"))
            .Do("2027-01-02", new StepStarted("1", 3, null, "yard"));
    }

    /// <summary>Flax on its way out of doors, and bulbs in their second spring.</summary>
    private static IEnumerable<DemoBatch> GrownOn()
    {
        yield return new DemoBatch(41, "blue-flax", 18, 72, 30, "2026-10-20")
            .Do(
                "2026-10-20",
                new Sown(
                    "1",
                    "lamp-shelf",
                    new(VesselKind.Tray, "tray 41", 72),
                    4,
                    Seeds: 72,
                    SeedsPerCell: 2,
                    Cells: [.. Enumerable.Range(1, 36)],
                    Cover: SowCover.Mix
                )
            )
            .Do("2026-10-29", new Count("1", 21, 0))
            .Do("2026-11-03", new Count("1", 17, 1, LossCause.DampingOff))
            .Do("2026-11-14", new TrueLeaves("1"))
            .Do(
                "2026-11-20",
                new Count("1", 0, 5, LossCause.Thinned),
                new MovedOn("1", PlantStage.Seedling, PlantStage.Potted, 26, "9 cm pots", PotCm: 9)
            )
            .Do("2026-11-21", new MovedOn("1", PlantStage.Seedling, PlantStage.Potted, 6, "9 cm pots", Divided: true, PotCm: 9))
            .Do("2026-11-22", new WinterChosen("1", WinterWay.UnderLamps, Day("2027-03-07")))
            .Fortnightly("2026-12-06", "2027-02-28", new Tended("1", Tending.WinterLooked))
            .Do("2027-01-03", new Tended("1", Tending.Fed))
            .Do("2027-01-18", new PlantsLost("1", PlantStage.Potted, 1, LossCause.Dried))
            .Do("2027-02-22", new Tended("1", Tending.Fed), new Measured("1", 140))
            .Do(
                "2027-02-24",
                new MovedOn("1", PlantStage.Potted, PlantStage.Potted, 12, "13 cm pots", PotCm: 13),
                new Tended("1", Tending.PinchedBack)
            )
            .Do("2027-03-07", new WinterEnded("1"), new StepStarted("1", 2, null, "yard-eaves"))
            .Do("2027-03-07", new CarriedOut("1", 2))
            .Do("2027-03-08", new CarriedOut("1", 3))
            .Do("2027-03-10", new CarriedOut("1", 4))
            .Do("2027-03-11", "volunteer", new CarriedOut("1", 6))
            .Do("2027-03-13", new CarriedOut("1", 7));
        yield return new DemoBatch(42, "small-camas", 20, 80, 25, "2025-11-30")
            .Do("2025-11-30", new StepStarted("1", 0, 80, "cold-shelf", new(VesselKind.Bag, "bag 42")))
            .Weekly("2025-12-07", "2026-02-15")
            .Do("2026-02-22", new Sown("1", "yard", new(VesselKind.DeepCells, "deep cells 42", 80), 8, Cover: SowCover.Grit))
            .Do("2026-03-15", new Count("1", 19, 0))
            .Do("2026-03-28", new Count("1", 22, 2, LossCause.Slugs))
            .Do("2026-04-10", new StepStarted("1", 2, null, "yard-shade"))
            .Do(
                "2026-06-14",
                new DiedBack("1", PlantStage.Seedling, 39),
                new SowingKept("1"),
                new Note("1", "One leaf each, now yellow. Kept barely moist in the shade.")
            )
            .Do("2027-03-06", new CameAgain("1", PlantStage.Seedling, 31))
            .Do("2027-03-11", new Count("1", 7, 0));

        // few came up after the first cold; the rest went back into it
        yield return new DemoBatch(43, "elegant-penstemon", 16, 48, 15, "2026-08-10")
            .Do("2026-08-10", new StepStarted("1", 0, 48, "cold-shelf", new(VesselKind.Bag, "bag 43")))
            .Weekly("2026-08-17", "2026-09-28")
            .Do("2026-10-05", new Sown("1", "lamp-shelf", new(VesselKind.Flat, "flat 43"), 3, Cover: SowCover.Mix))
            .Do("2026-10-18", new Count("1", 6, 0))
            .Do("2026-10-27", new Count("1", 3, 0))
            .Do("2026-11-20", new Count("1", 0, 0), new MovedOn("1", PlantStage.Seedling, PlantStage.Potted, 9, "pots of 9 cm", PotCm: 9))
            .Do("2027-01-17", new Moved("1", "table", new("1a", 9, PlantStage.Potted)), new ColdAgain("1", 56, "cold-shelf"))
            .Do("2027-02-14", new Note("1", "In the cold again: moist, nothing up."))
            .Do("2027-03-06", new Tended("1a", Tending.Fed));
    }

    private static DemoBatch Globemallow(int number, int seeds, string soaked, string sown, (int Day, int Up)[] counts)
    {
        var batch = new DemoBatch(number, "globemallow", 10, seeds, seeds / 3, soaked)
            .Do(soaked, new StepStarted("1", 0, seeds, "table", new(VesselKind.Jar, $"jar {number}")), new StepStarted("1", 1))
            .Do(Later(soaked, 1), new StepStarted("1", 2, null, "cold-shelf", new(VesselKind.Bag, $"bag {number}")))
            .Do(sown, new Sown("1", "lamp-shelf", new(VesselKind.Tray, $"tray {number}", 72)));
        foreach (var (day, came) in counts)
            batch.Do(Later(sown, day), new Count("1", came, 0));
        var up = counts.Sum(c => c.Up);
        return batch
            .Do(Later(sown, 30), new MovedOn("1", PlantStage.Seedling, PlantStage.PrickedOut, up - 2, "9 cm pots"))
            .Do(
                Later(sown, 60),
                new PlantsLost("1", PlantStage.PrickedOut, 3, LossCause.DampingOff),
                new MovedOn("1", PlantStage.PrickedOut, PlantStage.Potted, up - 6)
            )
            .Do(Later(sown, 110), new StepStarted("1", 5, null, "yard"))
            .Do(Later(sown, 120), new StepEnded("1", 5), new MovedOn("1", PlantStage.Potted, PlantStage.Hardened, up - 8))
            .Do(Later(sown, 128), new MovedOn("1", PlantStage.Hardened, PlantStage.Planted, up - 12, SpacingCm: 45))
            .Do(Later(sown, 200), new Closed("planted above the creek, the rest given away"));
    }

    private static string Later(string day, int days) => Day(day).AddDays(days).ToString("yyyy-MM-dd", CultureInfo.InvariantCulture);

    public static DateOnly Day(string iso) => DateOnly.ParseExact(iso, "yyyy-MM-dd", CultureInfo.InvariantCulture);
}
