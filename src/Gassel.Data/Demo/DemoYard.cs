using System.Globalization;
using Gassel.Core;
using Gassel.Core.Record;
using Gassel.Core.Treatments;
using Gassel.Core.Yard;

namespace Gassel.Data.Demo;

/// <summary>
/// The yard of the demo: two dozen containers set out since November. The warm week in March brought eleven of them up; a hard freeze is in
/// the
/// outlook.
/// </summary>
internal static class DemoYard
{
    private static readonly ContainerSetup Jug = new(ContainerPreset.Jug4);
    private static readonly ContainerSetup Bottle = new(ContainerPreset.Bottle2, CareStyle.CapOnAtNight);
    private static readonly ContainerSetup Tub = new(ContainerPreset.Tub6, CareStyle.OpenByTemperature, ContainerMix.WithNutrients);
    private static readonly ContainerSetup Pot = new(ContainerPreset.Pot, MixCm: 12);

    public static IEnumerable<DemoBatch> Batches()
    {
        yield return Out(29, "prairie-smoke", 6, 90, "2026-11-14", Jug, ["yard", "yard", "yard"])
            .Do("2027-03-09", new Count("1.1", 2, 0), new Count("1.2", 1, 0))
            .Do("2027-03-12", "volunteer", new Count("1.1", 3, 0), new Count("1.2", 2, 0), new Count("1.3", 2, 0));
        yield return Out(30, "scarlet-gilia", 7, 75, "2026-11-21", Jug, ["yard", "yard", "yard-wall"])
            .Do("2027-03-08", new Count("1.3", 4, 0))
            .Do("2027-03-12", new Count("1.1", 3, 0), new Count("1.2", 2, 0), new Count("1.3", 5, 1, LossCause.Slugs));
        yield return Out(31, "parsnip-buckwheat", 9, 60, "2026-11-14", Jug, ["yard", "yard-wall"])
            .Do("2027-03-07", new Count("1.2", 3, 0))
            .Do("2027-03-12", "volunteer", new Count("1.1", 4, 0), new Count("1.2", 4, 0));
        yield return Out(32, "blue-flax", 18, 75, "2026-11-28", Bottle, ["yard-wall", "yard-wall", "yard"])
            .Do("2027-03-09", new Count("1.1", 5, 0), new Count("1.2", 4, 0))
            .Do("2027-03-13", new Count("1.1", 3, 0), new Count("1.2", 2, 1, LossCause.Birds), new Count("1.3", 4, 0));
        yield return Out(33, "elegant-penstemon", 16, 120, "2026-12-12", Tub, ["yard-eaves", "yard-eaves"], looks: "2027-02-20")
            .Do("2027-03-03", new Check("1.1", Moisture.Right, MouldSeen.None, 0), new Check("1.2", Moisture.Right, MouldSeen.None, 0));
        yield return Out(34, "saskatoon", 13, 60, "2026-11-10", Pot, ["yard-shade", "yard-shade"], label: "pot");
        yield return Out(35, "red-osier-dogwood", 14, 60, "2026-12-05", Jug, ["yard-eaves", "yard-eaves"], looks: "2027-02-27")
            .Do("2027-03-13", new Check("1.1", Moisture.Right, MouldSeen.None, 0), new Check("1.2", Moisture.Dripping, MouldSeen.None, 0));
        yield return Out(36, "small-camas", 11, 90, "2026-11-14", Jug, ["yard-shade", "yard-shade", "yard-eaves"]);
        yield return Out(37, "blanketflower", 19, 50, "2027-02-06", Bottle, ["yard", "yard"], label: "bottle");
        yield return new DemoBatch(38, "saskatoon", 13, 40, 10, "2027-02-27", route: Winter("saskatoon"))
            .Do("2027-02-27", new Prepared("1", Jug, Steps(Jug)), new StepStarted("1", 0, 40, "yard", new(VesselKind.Container, "jug 38")))
            .Labelled("2027-02-27")
            .Do("2027-03-13", new Check("1", Moisture.Right, MouldSeen.None, 0));
        yield return new DemoBatch(39, "prairie-smoke", 6, 60, 20, "2027-03-12", route: Winter("prairie-smoke"));
    }

    /// <summary>Seed spread evenly over containers, all set out on a day and looked at every second week.</summary>
    private static DemoBatch Out(
        int number,
        string species,
        int lot,
        int seeds,
        string day,
        ContainerSetup setup,
        string[] spots,
        string looks = "2027-03-06",
        string? label = null
    )
    {
        var batch = new DemoBatch(number, species, lot, seeds, seeds / 3, day, Winter(species));
        label ??= setup.Kind switch
        {
            ContainerPreset.Bottle2 => "bottle",
            ContainerPreset.Tub6 => "tub",
            _ => "jug",
        };
        string[] parts = [.. spots.Select((_, i) => Text.Of($"1.{i + 1}"))];
        var each = seeds / parts.Length;
        // the soak or the like before, where the route has one
        var step = Route(species).Steps.ToList().FindIndex(s => s.Kind == StepKind.ColdMoist);
        for (var before = 0; before < step; before++)
        {
            batch.Do(
                DemoBatches.Day(day).AddDays(before - step).ToString("yyyy-MM-dd", CultureInfo.InvariantCulture),
                new StepStarted("1", before, before == 0 ? seeds : null, "table", new(VesselKind.Jar, $"jar {number}"))
            );
        }
        batch.Do(
            day,
            [
                new Split("1", [.. parts.Select(p => new SplitChild(p, each, 0))]),
                .. parts.SelectMany(
                    (p, i) =>
                        new EntryPayload[]
                        {
                            new Prepared(p, setup, Steps(setup)),
                            new StepStarted(p, step, null, spots[i], new(VesselKind.Container, Text.Of($"{label} {number}-{i + 1}"))),
                            new Labelled(p, 1, 1),
                        }
                ),
            ]
        );
        for (var look = DemoBatches.Day(day).AddDays(14); look <= DemoBatches.Day(looks); look = look.AddDays(14))
        {
            batch.Do(
                look.ToString("yyyy-MM-dd", CultureInfo.InvariantCulture),
                [.. parts.Select(p => new Check(p, Moisture.Right, MouldSeen.None, 0))]
            );
        }
        return batch;
    }

    private static IReadOnlyList<PreparationStep> Steps(ContainerSetup setup) => ContainerAdvice.Steps(setup);

    private static Route Route(string species) => StarterLibrary.All.Single(s => s.Id == species).Routes[Winter(species)];

    private static int Winter(string species) =>
        StarterLibrary.All.Single(s => s.Id == species).Routes.ToList().FindIndex(r => r.Setting == RouteSetting.WinterContainer);
}
