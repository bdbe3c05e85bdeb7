using Gassel.Core.Record;

namespace Gassel.Core.Fold;

/// <summary>
/// Where the plants of a sowing are. Every seedling that came up is alive at a stage, dormant at one, or lost at one: nothing is made out
/// of nothing.
/// </summary>
/// <param name="Emerged">Seedlings that came up; those that came from another part with them, those that went to one without.</param>
/// <param name="Stages">In order, one for each stage.</param>
public sealed record PlantTally(int Emerged, IReadOnlyList<StageCount> Stages, IReadOnlyList<StageLoss> Losses)
{
    public static PlantTally None { get; } = new(0, [.. PlantStages.All.Select(s => new StageCount(s, 0, 0, 0, 0))], []);

    public int Alive => Stages.Sum(s => s.Alive);

    /// <summary>Alive and not in the ground.</summary>
    public int Growing => Stages.Where(s => s.Stage < PlantStage.Planted).Sum(s => s.Alive);

    public int Dormant => Stages.Sum(s => s.Dormant);

    public int Lost => Stages.Sum(s => s.Lost);

    /// <summary>Holds whatever was recorded.</summary>
    public bool IsWhole => Emerged == Alive + Dormant + Lost && Stages.All(s => s is { Alive: >= 0, Dormant: >= 0, Lost: >= 0 });

    public StageCount At(PlantStage stage) => Stages[(int)stage];

    /// <summary>Several sowings together.</summary>
    public static PlantTally Of(IEnumerable<PlantTally> tallies)
    {
        var all = tallies.ToList();
        return new(
            all.Sum(t => t.Emerged),
            [
                .. PlantStages.All.Select(s => new StageCount(
                    s,
                    all.Sum(t => t.At(s).Alive),
                    all.Sum(t => t.At(s).Dormant),
                    all.Sum(t => t.At(s).Lost),
                    all.Sum(t => t.At(s).Reached)
                )),
            ],
            [
                .. all.SelectMany(t => t.Losses)
                    .GroupBy(l => (l.Stage, l.Cause))
                    .Select(g => new StageLoss(g.Key.Stage, g.Key.Cause, g.Sum(l => l.Plants)))
                    .OrderBy(l => l.Stage)
                    .ThenByDescending(l => l.Plants),
            ]
        );
    }
}
