using Gassel.Core.Record;
using Gassel.Core.Treatments;
using Gassel.Core.Trials;
using Gassel.Data.Rows;

namespace Gassel.Data.Demo;

/// <summary>
/// The trial of the demo: prairie smoke, chilled six weeks or not at all, thirty-six seeds each mixed over the cells of one tray on the
/// heat mat.
/// </summary>
internal static class DemoTrial
{
    private const string SownOn = "2027-03-01";
    private const int Seeds = 36;
    private const int RandomSeed = 1127;

    private static readonly (IReadOnlyList<TrialVessel> Vessels, IReadOnlyList<TrialPlot> Plots) Laid = TrialPlotting.OverCells(
        [Seeds, Seeds],
        1,
        72,
        VesselKind.Tray,
        "T-1",
        RandomSeed
    );

    private static DemoBatch NotChilled => new(25, "prairie-smoke", 6, Seeds, 12, SownOn);

    private static DemoBatch Chilled => new(26, "prairie-smoke", 6, Seeds, 12, "2027-01-18", route: 1);

    public static IReadOnlyList<DemoBatch> Batches =>
        [
            Count(Count(Sow(NotChilled, 0), 0, "2027-03-08", [2, 9]), 0, "2027-03-11", [5, 14, 21]),
            Count(
                Count(
                    Sow(
                        Chilled
                            .Do("2027-01-18", new StepStarted("1", 0, Seeds, "cold-shelf", new(VesselKind.Bag, "bag 26")))
                            .Labelled("2027-01-18")
                            .Weekly("2027-01-25", "2027-02-22"),
                        1
                    ),
                    1,
                    "2027-03-08",
                    [0, 4, 7, 13, 20, 25, 31]
                ),
                1,
                "2027-03-11",
                [1, 5, 8, 10, 16, 18, 22, 28, 33, 35]
            ),
        ];

    public static TrialRow Row =>
        new()
        {
            Id = new(1, 0, 0, [0xde, 0, 0, 0, 0, 0, 0, 3]),
            Number = 1,
            Design = CoreJson.Write(
                new TrialDesign(
                    "chilled or not",
                    "six weeks of cold before sowing",
                    6,
                    TrialLayout.CellsMixed,
                    [Arm(NotChilled, "not chilled", true, 0), Arm(Chilled, "chilled", false, 1)],
                    Laid.Vessels,
                    Laid.Plots,
                    1,
                    RandomSeed,
                    Blind: false
                )
            ),
            MadeAt = new DateTimeOffset(2027, 1, 15, 20, 0, 0, TimeSpan.FromHours(-7)).ToUnixTimeMilliseconds(),
            Who = "grower",
        };

    private static TrialArm Arm(DemoBatch batch, string name, bool control, int route) =>
        new(batch.Id, name, control, StarterLibrary.All.Single(s => s.Id == "prairie-smoke").Routes[route].Id, Seeds);

    private static DemoBatch Sow(DemoBatch batch, int arm) =>
        batch.Do(
            SownOn,
            new Sown(
                "1",
                "heat-mat",
                new(VesselKind.Tray, "T-1", 72),
                0,
                Seeds: arm == 0 ? Seeds : null,
                SeedsPerCell: 1,
                Cells: Laid.Plots[arm].Cells,
                Cover: SowCover.Surface,
                Dome: true
            )
        );

    /// <summary>Seedlings in some of the arm's cells, by their place in its list.</summary>
    private static DemoBatch Count(DemoBatch batch, int arm, string day, int[] at) =>
        batch.Do(
            day,
            new Count(
                "1",
                at.Length,
                0,
                Spots: [.. at.Select(i => new CountSpot(Laid.Plots[arm].Cells![i], null, 1, 0)).OrderBy(s => s.Cell)]
            )
        );
}
